<script lang="ts">
  import Mark from "../../ui/Mark.svelte";
  import type { Schemas } from "../../api/client";

  // How sure the day is: each wave in a hundred days, what decides it, and what a mishap would do.
  let { chance }: { chance: Schemas["Chance"] } = $props();
</script>

{#snippet row(name: string, text: string, percent: number, note: string)}
  <li class="border-base-300 grid min-h-10 grid-cols-[1fr_auto] items-center gap-x-3 border-t py-1">
    <span
      >{name}
      {#if note}<span class="quiet">{note}</span>{/if}</span
    >
    <b class="text-lg tabular-nums">{text}</b>
    <span class="bg-base-300 col-span-2 block h-2 rounded-sm" aria-hidden="true"
      ><span class="bg-primary block h-2 rounded-sm" style:width="{percent}%"></span></span
    >
  </li>
{/snippet}

<section class="tray" aria-label="How sure this day is">
  <h2 class="flex items-center gap-2 text-xl">
    <Mark kind={chance.enough ? "fits" : "look"} />{chance.said}
  </h2>
  <div class="mt-2 grid gap-x-8 gap-y-3 md:grid-cols-3">
    <div>
      <h3 class="font-semibold">Ready, in 100 days</h3>
      <ul>
        {#each chance.waves as wave (`${wave.salad} ${wave.wave}`)}
          {@render row(
            wave.salad,
            `${wave.days}`,
            wave.days,
            [
              wave.of > 1 ? `wave ${wave.wave} of ${wave.of}` : "",
              `by ${wave.by}`,
              wave.fits ? "" : "the day has no room for it",
              wave.late ? `${wave.late} late when late` : "",
            ]
              .filter(Boolean)
              .join(", "),
          )}
        {/each}
      </ul>
    </div>
    <div>
      <h3 class="font-semibold">If something goes wrong</h3>
      <ul>
        {#each chance.cases as mishap (mishap.name)}{@render row(
            mishap.name,
            `${mishap.days}`,
            mishap.days,
            "",
          )}{/each}
      </ul>
    </div>
    <div>
      <h3 class="font-semibold">What decides it</h3>
      {#if chance.waves.some((wave) => !wave.fits)}<p class="quiet">
          What the day has no room for; of the rest nothing is laid on anything.
        </p>{:else if chance.blame.length === 0}<p class="quiet">Nothing: it has air enough.</p>{/if}
      <ul>
        {#each chance.blame as each (each.name)}{@render row(
            each.name,
            each.text,
            each.share * 100,
            "of what is late",
          )}{/each}
      </ul>
    </div>
  </div>
  <p class="quiet mt-2">
    Played {chance.plays} times: work runs shorter and longer than planned, as it usually does; nobody begins
    before the plan.
  </p>
</section>
