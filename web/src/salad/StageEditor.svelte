<script lang="ts">
  import type { DressingBatch, Layer, SaladInput } from "../api/client";

  // How one dressing is split, stage by stage. Whatever share is typed, another stage takes the rest.
  type Stage = NonNullable<NonNullable<SaladInput["dressing"]>["stages"]>[number];
  let {
    batch,
    layers,
    onchange,
  }: { batch: DressingBatch; layers: Layer[]; onchange: (stages: Stage[] | undefined) => void } =
    $props();
  const INTO = {
    bowl: "into the bowl",
    warm: "in while it is warm",
    ahead: "on a while ahead",
    plate: "on the plate",
    table: "in jugs on the tables",
    back: "kept back",
  } as const;
  const ONTO = ["bowl", "warm", "ahead"];
  const MOST = 8;

  const stages = $derived<Stage[]>(
    batch.stages.map(({ key, name, when, into, to, minutes, share }) => ({
      key,
      name,
      when,
      into,
      to,
      ...(minutes ? { minutes } : {}),
      share: Number(share.value),
    })),
  );
  const kinds = $derived(
    [...new Set(layers.map((layer) => layer.carries_as))].filter((kind) => kind !== "none"),
  );
  // What a stage may be poured onto: kinds of component; ahead of the bowl, each component by itself too.
  const targets = (stage: Stage) => [
    ...kinds.map((kind) => [kind, kind.replace("-", " ")] as const),
    ...layers
      .filter((layer) => stage.into !== "bowl" || stage.to?.includes(layer.ingredient))
      .map((layer) => [layer.ingredient, layer.name] as const),
  ];

  const put = (index: number, change: Partial<Stage>) =>
    onchange(stages.map((stage, place) => (place === index ? { ...stage, ...change } : stage)));

  // The stage that gives way is the last one, or the first when the last itself is changed.
  function leaving(rest: number, list: Stage[]): Stage[] {
    return list.map((stage, place) =>
      place === rest ? (({ share: _share, ...without }) => without)(stage) : stage,
    );
  }
  function share(index: number, text: string): void {
    const percent = Number(text.replace("%", "").replace(",", ".").trim());
    const changed = stages.map((stage, place) =>
      place === index ? { ...stage, share: percent / 100 } : stage,
    );
    onchange(
      stages.length === 1
        ? changed
        : leaving(index === stages.length - 1 ? 0 : stages.length - 1, changed),
    );
  }
  function remove(index: number): void {
    const left = stages.filter((_, place) => place !== index);
    onchange(leaving(left.length - 1, left));
  }
  function add(): void {
    const largest = stages.reduce(
      (best, stage, place) => ((stage.share ?? 0) > (stages[best]!.share ?? 0) ? place : best),
      0,
    );
    const key = Array.from({ length: MOST + 1 }, (_, number) => `stage-${number + 1}`).find(
      (each) => !stages.some((stage) => stage.key === each),
    )!;
    onchange(leaving(largest, [...stages, { key, name: "Another", into: "back", share: 0.1, to: [] }]));
  }
  // How long it stands ahead of the rest; nothing, or no number, is as long as usual.
  function stands(index: number, text: string): void {
    const { minutes: _minutes, ...stage } = stages[index]!;
    const minutes = Math.round(Number(text.replace(/[^\d.]/g, "")));
    onchange(
      stages.map((each, place) =>
        place !== index ? each : minutes > 0 ? { ...stage, minutes } : stage,
      ),
    );
  }
  function toggle(index: number, kind: string): void {
    const to = stages[index]!.to ?? [];
    put(index, { to: to.includes(kind) ? to.filter((each) => each !== kind) : [...to, kind] });
  }
</script>

<ol aria-label="Stages of the dressing">
  {#each stages as stage, index (stage.key)}
    <li class="border-base-300 grid gap-2 border-t py-2">
      <div class="flex items-center gap-2">
        <input
          class="input h-11 min-w-0 flex-1 text-lg font-bold"
          aria-label="Name of stage {index + 1}"
          maxlength="40"
          value={stage.name}
          onchange={(event) => put(index, { name: event.currentTarget.value })}
        />
        <input
          class="input h-11 w-24 text-right text-lg font-bold"
          aria-label="{stage.name}: share of the batch"
          maxlength="8"
          value={batch.stages[index]?.share.text}
          onchange={(event) => share(index, event.currentTarget.value)}
        />
        <button
          class="btn btn-ghost h-11 w-11 p-0 text-xl"
          aria-label="Take out {stage.name}"
          disabled={stages.length === 1}
          onclick={() => remove(index)}>×</button
        >
      </div>
      <select
        class="select h-11 w-full text-lg"
        aria-label="{stage.name}: where it goes"
        value={stage.into}
        onchange={(event) => put(index, { into: event.currentTarget.value as Stage["into"] })}
        >{#each Object.entries(INTO) as [into, words] (into)}<option value={into}>{words}</option
          >{/each}</select
      >
      {#if ONTO.includes(stage.into ?? "bowl") && layers.length > 1}
        <div class="flex flex-wrap gap-2" role="group" aria-label="{stage.name}: onto">
          {#each targets(stage) as [target, words] (target)}<button
              class="btn h-11 {stage.to?.includes(target) ? 'btn-primary' : 'btn-outline'}"
              aria-pressed={stage.to?.includes(target)}
              onclick={() => toggle(index, target)}>{words}</button
            >{/each}
          {#if !stage.to?.some((each) => targets(stage).some(([target]) => target === each))}<span
              class="quiet self-center">over everything</span
            >{/if}
        </div>
      {/if}
      {#if stage.into === "ahead"}
        <label class="flex items-center gap-2"
          >stands
          <input
            class="input h-11 w-28 text-right text-lg font-bold"
            aria-label="{stage.name}: how many minutes it stands"
            maxlength="6"
            placeholder="usual"
            value={stage.minutes ?? ""}
            onchange={(event) => stands(index, event.currentTarget.value)}
          /> min</label
        >
      {/if}
      <input
        class="input h-11 w-full"
        aria-label="{stage.name}: when"
        maxlength="120"
        value={stage.when}
        onchange={(event) => put(index, { when: event.currentTarget.value })}
      />
    </li>
  {/each}
</ol>
<div class="mt-2 flex flex-wrap gap-3">
  <button class="btn btn-outline h-11" disabled={stages.length >= MOST} onclick={add}
    >Another stage</button
  >
  <button class="btn btn-outline h-11" onclick={() => onchange(undefined)}
    >Back to the usual split</button
  >
</div>
