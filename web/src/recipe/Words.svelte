<script lang="ts">
  import type { RecipeDraft, RecipeLine } from "../api/client";
  import Dot from "../ui/Dot.svelte";
  import Mark from "../ui/Mark.svelte";

  // The text itself, each word marked by what it became, and what its steps say.
  let {
    draft,
    current,
    onchosen,
    ondeclined,
  }: {
    draft: RecipeDraft;
    current: RecipeLine | undefined;
    onchosen: (line: RecipeLine) => void;
    ondeclined: (key: string) => void;
  } = $props();

  const ROLES: Record<string, string> = {
    amount: "border-b-2 border-[var(--written-amount)]",
    food: "border-b-2 border-[var(--rim)] font-bold",
    how: "border-b-2 border-[var(--written-how)]",
    place: "border-b-2 border-[var(--written-place)]",
    open: "border-b-2 border-dashed border-error text-error font-semibold",
    aside: "",
  };
  const listed = $derived(draft.lines.filter((line) => !["step", "title"].includes(line.kind)));
  const told = $derived(draft.told ?? []);
  // Those of one line together, each line as it comes.
  const subject = (fact: NonNullable<RecipeDraft["told"]>[number]): string =>
    fact.key.startsWith("dressing/")
      ? "Dressing"
      : (draft.lines.find((line) => line.number === fact.line)?.taken?.name ?? "The salad");
  const bound = $derived(
    [...new Set(told.map((fact) => fact.line ?? subject(fact)))].map((whose) => {
      const facts = told.filter((fact) => (fact.line ?? subject(fact)) === whose);
      return { name: subject(facts[0]!), facts };
    }),
  );
  const loose = $derived(draft.steps.filter((step) => step.ratio || step.reserve));
  const said = $derived(
    [told, loose, draft.missing, draft.unused, draft.differs ?? []].some((each) => each.length > 0),
  );
  // Does it stand below the heading of the part that it goes into?
  const below = (line: RecipeLine): boolean => {
    const headings = draft.lines.filter((each) => each.kind === "heading" && each.number < line.number);
    return headings.at(-1)?.text.toLowerCase().includes(line.made!.toLowerCase()) ?? false;
  };
  const asks = (line: RecipeLine): boolean => line.status !== "sure" && !line.left;
  const DESTINATION: Record<string, string> = {
    top: "on top",
    pot: "cooks along",
    cook: "for cooking",
    table: "on the table, not planned",
  };
  // A food that is shared out is there more than once: each says where it goes and how much of it.
  const parted = (line: RecipeLine): boolean =>
    draft.lines.filter(
      (each) =>
        each.row === line.row &&
        each.text === line.text &&
        each.taken &&
        each.taken.key === line.taken?.key,
    ).length > 1;
  const part = (line: RecipeLine): string =>
    [line.to === "dressing" ? "in the dressing" : DESTINATION[line.to ?? ""], line.serving]
      .filter(Boolean)
      .join(", ");
</script>

<ul aria-label="Lines" class="grid">
  {#each listed as line (line.number)}
    {#if line.kind === "ingredient"}
      <li data-kind={line.kind} data-status={line.left ? "left" : line.status}>
        <button
          class={[
            "hover:bg-base-200 grid min-h-8 w-full grid-cols-[1.25rem_1fr_auto] items-baseline gap-2",
            "rounded-lg px-2 py-0.5 text-left",
            current?.number === line.number && "bg-base-200",
            line.left && "line-through opacity-70",
          ]}
          onclick={() => onchosen(line)}
          aria-current={current?.number === line.number}
        >
          <span
            >{#if line.taken && !line.left}<Dot colour={line.taken.colour ?? "#888888"} />{/if}</span
          >
          <span class="break-words" dir="auto"
            >{#each line.marks ?? [{ text: line.text, role: "aside" }] as mark, index (index)}<span
                class={ROLES[mark.role]}>{mark.text}</span
              >{/each}
            {#if line.cut_for}<span class="quiet">{line.cut_for}</span>{/if}</span
          >
          <span class="tabular-nums">
            {#if asks(line)}<b class="text-error text-lg">?</b>
            {:else if line.slip}<Mark kind="look" />
            {:else if line.made && !below(line)}<span class="quiet"
                >into the {line.made.toLowerCase()}</span
              >
            {:else if line.held}<span class="quiet">{Math.round(line.held * 100)} % on top</span>
            {:else if parted(line)}<span class="quiet">{part(line)}</span>
            {:else if line.to && DESTINATION[line.to]}<span class="quiet">{DESTINATION[line.to]}</span
              >{/if}
          </span>
        </button>
      </li>
    {:else}
      <li
        class={["px-2 pl-9", line.kind === "heading" ? "pt-1 font-bold" : "quiet"]}
        data-kind={line.kind}
        dir="auto"
      >
        {line.text}
      </li>
    {/if}
  {/each}
</ul>
{#if said}
  <section class="bg-base-200 mt-3 rounded-lg p-3" aria-label="Found in the steps">
    <h3 class="font-bold">Found in the steps</h3>
    <ul class="grid gap-1">
      {#each bound as { name, facts } (name + facts[0]?.key)}
        <li class="flex flex-wrap items-center gap-x-3 gap-y-1">
          <b>{name}</b>
          {#each facts as fact (fact.key)}
            {#if fact.can}
              <label class="flex min-h-8 items-center gap-1.5" title={fact.text}
                ><input
                  type="checkbox"
                  class="toggle toggle-sm"
                  aria-label="{name}: {fact.what}, as the steps say"
                  checked={fact.set}
                  onchange={() => ondeclined(fact.key)}
                /><span class={fact.set ? "" : "line-through opacity-70"}>{fact.what}</span></label
              >
              {#if subject(fact) === "Dressing"}<span class="quiet">{fact.text}</span>{/if}
            {:else}<span class="quiet" title={fact.text}>{fact.what}</span>{/if}
          {/each}
        </li>
      {/each}
      {#each loose as step, index (index)}
        <li>
          <b>{[step.ratio, step.reserve].filter(Boolean).join(" · ")}</b>
          <span class="quiet">{step.text}</span>
        </li>
      {/each}
    </ul>
    {#if draft.differs?.length}<p class="mt-1">
        <b>Not the same in list and steps:</b>
        {draft.differs.join("; ")}. The list is planned.
      </p>{/if}
    {#if draft.missing.length > 0}<p class="mt-1">
        <b>In the steps, not in the list:</b>
        {draft.missing.join(", ")}. Write it into the text with its amount if it belongs.
      </p>{/if}
    {#if draft.unused.length > 0}<p class="mt-1">
        <b>In the list, not in the steps:</b>
        {draft.unused.join("; ")}.
      </p>{/if}
  </section>
{/if}
