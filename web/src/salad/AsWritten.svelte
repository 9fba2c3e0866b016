<script lang="ts">
  import type { DressingBatch, Portion } from "../api/client";

  // How much dressing is on a serving: as it is written beside what its components carry. One tap takes
  // either, a slide anything between them.
  let {
    portion,
    batch,
    written,
    onchosen,
  }: {
    portion: Portion;
    batch?: DressingBatch;
    written: number | undefined;
    onchosen: (grams: number | undefined) => void;
  } = $props();

  const now = $derived(Number(portion.dressing_grams.value));
  const carried = $derived(Number(portion.carries_grams.value));
  // Of the build, in which the salad keeps what is written.
  const resize = $derived(written ? now / written : 1);
  const most = $derived(Math.max(now, carried, 0.1));
  // What was written when this was opened stays one end of the slide.
  // svelte-ignore state_referenced_locally
  const first = written;
  const tenth = (grams: number) => Math.round(grams * 10) / 10;
  const carries = $derived(tenth(carried / resize));
  const other = $derived(first ?? written ?? carries);
  const least = $derived(Math.min(carries, other));
  const highest = $derived(Math.max(carries, other));
  const rows = $derived([
    ...(written === undefined ? [] : [["as written", now, portion.dressing_grams.text] as const]),
    [written === undefined ? "carried" : "would carry", carried, portion.carries_grams.text] as const,
  ]);
</script>

<div class="grid gap-1">
  {#each rows as [label, value, text] (label)}
    <div class="flex justify-between gap-3">
      <span>{label}</span><b class="tabular-nums">{text} a serving</b>
    </div>
    <div class="bg-base-200 h-4 rounded-full" role="presentation">
      <div
        class="h-4 rounded-full"
        style="width: {(value / most) * 100}%; background: var(--dressing); opacity: {label ===
        'would carry'
          ? 0.6
          : 1}"
      ></div>
    </div>
  {/each}
  {#if batch}<p class="quiet">{batch.salad_share.text} of the salad's weight.</p>{/if}
  <div class="flex flex-wrap gap-2">
    <button
      class="btn h-11 px-3 {written === undefined ? 'btn-outline' : 'btn-primary'}"
      aria-pressed={written !== undefined}
      onclick={() => onchosen(first ?? written ?? tenth(carried))}>As written</button
    >
    <button
      class="btn h-11 px-3 {written === undefined ? 'btn-primary' : 'btn-outline'}"
      aria-pressed={written === undefined}
      onclick={() => onchosen(undefined)}>As carried</button
    >
  </div>
  {#if written !== undefined && highest - least >= 0.5}
    <label class="mt-1 block"
      ><span class="quiet">Anything between, {tenth(written)} g in the build</span>
      <input
        type="range"
        class="range range-primary mt-1 w-full"
        min={least}
        max={highest}
        step="0.1"
        value={written}
        onchange={(event) => onchosen(Number(event.currentTarget.value))}
      /></label
    >
  {/if}
</div>
