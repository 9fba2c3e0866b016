<script lang="ts">
  import type { DressingBatch } from "../../api/client";
  import Figure from "../../ui/Figure.svelte";

  // The jug on the left, poured by stage onto the components on the right; every stream is as
  // wide as its grams.
  let { batch }: { batch: DressingBatch } = $props();

  const ELSEWHERE = {
    bowl: "into the bowl",
    warm: "in while warm",
    ahead: "on ahead",
    plate: "on the plates",
    table: "on the tables",
    back: "kept back",
  } as const;
  const ROW = 44;
  const GAP = 12;
  const HEIGHT_OF_ALL = 210;
  const RIM = 40;
  const pours = $derived(
    batch.stages.flatMap((stage) =>
      stage.pours.length > 0
        ? stage.pours.map((pour) => ({
            name: pour.name,
            colour: pour.colour,
            of: pour.grams,
            grams: Number(pour.grams.value),
            stage: stage.key,
          }))
        : [
            {
              name: ELSEWHERE[stage.into],
              colour: "var(--color-base-300)",
              of: stage.grams,
              grams: Number(stage.grams.value),
              stage: stage.key,
            },
          ],
    ),
  );
  const total = $derived(Number(batch.batch_grams.value));
  const scale = $derived(HEIGHT_OF_ALL / total);
  const rows = $derived(pours.map((pour) => Math.max(pour.grams * scale + GAP, ROW)));
  const height = $derived(
    Math.max(
      rows.reduce((sum, row) => sum + row, 0),
      HEIGHT_OF_ALL + Math.max(34 * batch.stages.length, RIM),
    ) + GAP,
  );
  const jugTop = $derived(Math.max((height - HEIGHT_OF_ALL) / 2, RIM));

  // Stages stand apart; pours stand on rows of their own.
  const stages = $derived(
    batch.stages.reduce<
      { key: string; name: string; text: string; from: number; y: number; height: number }[]
    >((done, stage) => {
      const last = done.at(-1);
      const thick = Number(stage.grams.value) * scale;
      const from = last ? last.from + last.height : jugTop;
      return [
        ...done,
        {
          key: stage.key,
          name: stage.name,
          text: stage.grams.text,
          from,
          y: last ? last.y + last.height + 34 : Math.max(jugTop - 34, 22),
          height: thick,
        },
      ];
    }, []),
  );
  const streams = $derived(
    pours.map((pour, index) => {
      const stage = stages.find((each) => each.key === pour.stage)!;
      const before = pours
        .filter((other, place) => other.stage === pour.stage && place < index)
        .reduce((sum, other) => sum + other.grams, 0);
      return {
        ...pour,
        y: stage.y + before * scale,
        height: pour.grams * scale,
        to: rows.slice(0, index).reduce((sum, row) => sum + row, 0) + rows[index]! / 2,
      };
    }),
  );
  const band = (x1: number, y1: number, x2: number, y2: number, thick: number) => {
    const middle = (x1 + x2) / 2;
    const there = `M${x1} ${y1}C${middle} ${y1} ${middle} ${y2} ${x2} ${y2}`;
    const back = `v${thick}C${middle} ${y2 + thick} ${middle} ${y1 + thick} ${x1} ${y1 + thick}z`;
    return there + back;
  };
</script>

<div class="overflow-x-auto">
  <svg
    viewBox="0 0 720 {height}"
    class="w-full min-w-[34rem]"
    role="group"
    aria-label="Pour map of {batch.name}"
  >
    <path
      d="M16 {jugTop - 26}V{jugTop + HEIGHT_OF_ALL}h76V{jugTop - 26}l14 -10"
      fill="none"
      stroke="var(--rim)"
      stroke-width="6"
      stroke-linejoin="round"
      stroke-linecap="round"
    />
    <rect
      x="19"
      y={jugTop}
      width="70"
      height={HEIGHT_OF_ALL - 3}
      fill="var(--dressing)"
      fill-opacity="0.75"
    />
    <path d="M16 {jugTop + 30}h-12v90h12" fill="none" stroke="var(--rim)" stroke-width="5" />
    {#each stages as stage (stage.key)}
      <path
        d={band(94, stage.from, 250, stage.y, stage.height)}
        fill="var(--dressing)"
        fill-opacity="0.4"
      />
      <rect x="250" y={stage.y} width="12" height={stage.height} fill="var(--rim)" />
    {/each}
    {#each streams as stream, index (index)}
      <path
        d={band(262, stream.y, 470, stream.to - stream.height / 2, stream.height)}
        fill={stream.colour}
        fill-opacity="0.75"
      />
    {/each}
    <g font-size="18" fill="var(--color-base-content)">
      {#each stages as stage (stage.key)}
        <text x="250" y={stage.y - 8} class="halo"
          ><tspan font-weight="700">{stage.name}</tspan> {stage.text}</text
        >
      {/each}
      {#each streams as stream, index (index)}
        <foreignObject x="476" y={stream.to - 20} width="244" height="44">
          <span class="flex h-11 items-center gap-2 whitespace-nowrap"
            ><Figure
              of={stream.of}
              size="text-lg"
              label="{stream.name}, {stream.stage}"
            />{stream.name}</span
          >
        </foreignObject>
      {/each}
    </g>
  </svg>
</div>
