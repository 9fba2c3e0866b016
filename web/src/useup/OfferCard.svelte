<script lang="ts">
  import type { Schemas } from "../api/client";
  import Dot from "../ui/Dot.svelte";
  import Mark from "../ui/Mark.svelte";

  // One way to use what is left: how much of each it takes, as bars in the colours of the foods; the plate it
  // comes to; what stays.
  let {
    offer,
    busy,
    onmake,
  }: { offer: Schemas["LeftOvers"]["offers"][number]; busy: boolean; onmake: () => void } = $props();
  const plate = $derived(offer.components.reduce((sum, each) => sum + each.grams, 0));
  const most = $derived(Math.max(...offer.uses.map((use) => use.of), 1));
</script>

<section class="tray" aria-label={offer.name}>
  <div class="grid grid-cols-[minmax(0,1fr)_auto_auto] items-center gap-x-4 gap-y-1">
    <h2 class="text-xl">
      {#if offer.composed}{offer.name}{:else}<a class="link" href="/salads/{offer.salad}"
          >{offer.name}</a
        >{/if}
      <span class="quiet block text-base font-normal"
        >{offer.after
          ? "made up of what that leaves"
          : offer.composed
            ? "made up of it"
            : "from the shelf"}</span
      >
    </h2>
    <p class="text-right">
      <b class="text-2xl tabular-nums">{offer.text}</b>
      <span class="quiet block">{Math.round(offer.share * 100)} %, worth {offer.worth}</span>
    </p>
    <button class="btn btn-primary h-11" disabled={busy} onclick={onmake}>Make it</button>
  </div>
  <ul class="mt-2 grid gap-x-6 gap-y-1 sm:grid-cols-2">
    {#each offer.uses as use (use.code ?? use.name)}
      <li class="grid grid-cols-[minmax(0,1fr)_auto] items-baseline gap-x-2">
        <span>{use.code ? `${use.code} ` : ""}{use.name}</span>
        <span class="tabular-nums"><b>{use.text}</b>{use.text === use.all ? "" : ` of ${use.all}`}</span
        >
        <svg
          class="col-span-2 h-3 w-full"
          preserveAspectRatio="none"
          viewBox="0 0 100 10"
          aria-hidden="true"
        >
          <rect width={(100 * use.of) / most} height="10" fill="var(--color-base-300)" />
          <rect width={(100 * use.grams) / most} height="10" fill={use.colour} />
        </svg>
      </li>
    {/each}
  </ul>
  {#if offer.components.length > 0}
    <div class="border-rim mt-3 flex h-9 overflow-hidden rounded-lg border-2" aria-hidden="true">
      {#each offer.components as part, index (index)}<span
          title="{part.name}, {part.text}"
          style:width="{(100 * part.grams) / plate}%"
          style:background={part.colour}
        ></span>{/each}
    </div>
    <p class="mt-1">
      On a plate: {offer.components
        .map((part) => `${part.name.toLowerCase()} ${part.text}`)
        .join(", ")}.
      {#if offer.cupboard.length > 0}<span class="quiet"
          >From the cupboard: {offer.cupboard.join(", ").toLowerCase()}, and the dressing.</span
        >{/if}
    </p>
  {/if}
  {#each offer.minded as said (said)}<p class="mt-1"><Mark kind="look" /> {said}</p>{/each}
  {#if offer.still.length > 0}
    <p class="mt-1 flex flex-wrap gap-x-4">
      <span class="quiet">Still left:</span>
      {#each offer.still as rest (rest.code ?? rest.name)}<span title={rest.use ?? ""}
          ><Dot colour={rest.colour} /> {rest.name} {rest.text}</span
        >{/each}
    </p>
  {/if}
</section>
