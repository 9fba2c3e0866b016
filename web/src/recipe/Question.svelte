<script lang="ts">
  import type { RecipeLine } from "../api/client";
  import FindIngredient from "../larder/FindIngredient.svelte";
  import Mark from "../ui/Mark.svelte";
  import type { Desk } from "./desk.svelte";

  // One question at a time: what a line is, or how much of it, with its few sensible answers.
  let { desk, line }: { desk: Desk; line: RecipeLine } = $props();
  let finding = $state<"another" | "like">();
  let amount = $state("");
  const asks = $derived(line.status !== "sure" && !line.left);
  const place = $derived(desk.open.findIndex((each) => each.number === line.number) + 1);
  const name = $derived(line.name ?? line.text);

  $effect(() => {
    void line.text;
    finding = undefined;
    amount = line.mended ?? "";
  });

  // Done as it is written, and as the house does it where nothing is written.
  const how = $derived([line.done, line.usual && `as usual ${line.usual}`].filter(Boolean).join("; "));

  // The keys that answer.
  const keys = $derived(["", "1"][line.guesses?.length ?? 0] ?? `1 to ${line.guesses!.length}`);

  function mend(event: SubmitEvent): void {
    event.preventDefault();
    if (!amount.trim()) return desk.step(1);
    desk.mend(line, amount.trim());
    if (line.taken && line.status !== "unknown") desk.choose(line, line.taken.key);
  }
</script>

<section class="tray" aria-label="Question" data-status={line.left ? "left" : line.status}>
  {#if asks}<p class="quiet">{place} of {desk.open.length}</p>{/if}
  <h2 class="text-xl break-words" dir="auto">
    {asks ? (line.why ?? "What is it?") : line.left ? "Left out" : (line.taken?.name ?? line.text)}
  </h2>
  <p class="quiet mb-2 break-words" dir="auto">{line.text}</p>
  {#if !line.left && (how || !asks)}
    <p class="mb-2">
      {how}
      {#if !asks}
        {line.grams === undefined
          ? line.to === "dressing"
            ? "To taste."
            : "Its usual serving."
          : `${line.serving} a serving.`}
      {/if}
    </p>
  {/if}
  {#if line.slip}
    <p class="flex items-start gap-2">
      <span class="mt-1"><Mark kind="look" /></span><span>{line.slip.what} {line.slip.range}</span>
    </p>
    <p class="mt-1 mb-2 flex flex-wrap gap-2 pl-6">
      {#if line.slip.reading}<button
          class="btn btn-primary h-auto min-h-11 max-w-full py-1 text-left"
          onclick={() => desk.mend(line, line.slip!.reading!.amount)}
          >Make it {line.slip.reading.amount}: {line.slip.reading.name}</button
        >{/if}
      <button class="btn btn-outline h-11" onclick={() => desk.leaveAsWritten(line)}>It is right</button
      >
    </p>
  {/if}
  {#if line.mended}
    <p class="mb-2 flex flex-wrap items-center gap-2">
      Taken as <b>{line.mended}</b><button
        class="btn btn-outline h-11"
        onclick={() => desk.mend(line, undefined)}>Put the written amount back</button
      >
    </p>
  {/if}
  <ol class="grid gap-1.5">
    {#each line.guesses ?? [] as guess, index (guess.key)}
      <li>
        <button
          class={[
            "btn h-auto min-h-11 w-full justify-start gap-3 py-1 text-left",
            guess.key === line.taken?.key && !line.left ? "btn-primary" : "btn-outline",
          ]}
          onclick={() => desk.choose(line, guess.key)}
          ><span class="tabular-nums">{index + 1}</span>{guess.name}</button
        >
      </li>
    {/each}
  </ol>
  <form class="mt-2" onsubmit={mend}>
    <label class="flex items-center gap-3"
      ><span class="quiet whitespace-nowrap">or write it</span>
      <input
        class="input h-11 w-full text-lg"
        aria-label="How much of {name}"
        maxlength="60"
        placeholder="350 ml, 2 cups …"
        bind:value={amount}
      /></label
    >
  </form>
  <p class="mt-2 flex flex-wrap gap-x-1">
    <button
      class="btn btn-ghost h-11 px-2"
      onclick={() => (finding = finding === "another" ? undefined : "another")}>Another food</button
    >
    <button
      class="btn btn-ghost h-11 px-2"
      onclick={() => (finding = finding === "like" ? undefined : "like")}>New, like …</button
    >
    <button class="btn btn-ghost h-11 px-2" onclick={() => desk.choose(line, "leave")}
      >Leave it out</button
    >
  </p>
  {#if finding === "another"}
    <FindIngredient label="It is another" onchosen={(found) => void desk.another(line, found)} />
  {:else if finding === "like"}
    <FindIngredient
      label="Add “{name}” to the larder, like"
      onchosen={(like) => void desk.addLike(line, like)}
    />
  {/if}
  <p class="quiet mt-2 max-sm:hidden">
    {keys ? `${keys}: answer · ` : ""}Enter: next · ↑ back
  </p>
</section>
