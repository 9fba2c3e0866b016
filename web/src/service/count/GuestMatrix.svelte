<script lang="ts">
  import { api, ask, type Plan, type Taste } from "../../api/client";

  // Salads against allergens and diets, for the front of house; prints by itself.
  let { id, plan }: { id: number; plan: Plan } = $props();
  let tastes = $state.raw<Taste[]>([]);

  $effect(() => {
    void plan;
    let stale = false;
    void ask(api.GET("/api/services/{id}/taste", { params: { path: { id } } })).then(({ data }) => {
      if (!stale) tastes = data ?? [];
    });
    return () => (stale = true);
  });

  const allergens = $derived(
    [
      ...new Set(tastes.flatMap((taste) => taste.suits.allergens.map((allergen) => allergen.name))),
    ].sort(),
  );
  const diets = $derived(tastes[0]?.suits.diets.map((diet) => diet.name) ?? []);
  const lines = (taste: Taste, name: string) =>
    taste.suits.allergens.find((allergen) => allergen.name === name)?.lines;
</script>

{#if tastes.length > 0}
  <section class="tray mt-3 min-w-0 overflow-x-auto" aria-label="For the front of house">
    <div class="flex flex-wrap items-baseline justify-between gap-3">
      <h2 class="text-2xl">For the front of house</h2>
      <button class="btn btn-outline no-print h-11" onclick={() => print()}>Print</button>
    </div>
    <table class="mt-2 w-full">
      <thead>
        <tr class="text-left align-bottom"
          ><th class="pr-3"></th>{#each tastes as taste (taste.salad)}<th class="px-2">{taste.name}</th
            >{/each}<th class="px-2 text-right">for them, in all</th></tr
        >
      </thead>
      <tbody>
        {#each allergens as allergen (allergen)}
          <tr class="border-base-300 border-t align-top"
            ><th class="w-32 py-2 pr-3 text-left">{allergen}</th
            >{#each tastes as taste (taste.salad)}<td class="px-2 py-2"
                >{#if lines(taste, allergen)}<b>contains</b>
                  <span class="quiet">{lines(taste, allergen)!.join(", ")}</span>{:else}<span
                    class="quiet">–</span
                  >{/if}</td
              >{/each}<td></td></tr
          >
        {:else}
          <tr class="border-base-300 border-t"
            ><td class="py-2">None of the 14 allergens in any of them.</td></tr
          >
        {/each}
        {#each diets as diet (diet)}
          <tr class="border-base-300 border-t"
            ><th class="py-2 pr-3 text-left">{diet}</th
            >{#each tastes as taste (taste.salad)}{@const suits = taste.suits.diets.find(
                (each) => each.name === diet,
              )?.suits}<td class="px-2 py-2 {suits ? 'font-bold' : 'quiet'}">{suits ? "yes" : "no"}</td
              >{/each}<td class="px-2 py-2 text-right font-bold tabular-nums whitespace-nowrap"
              >{tastes[0]?.suits.diets.find((each) => each.name === diet)?.portions}</td
            ></tr
          >
        {/each}
        <tr class="border-base-300 border-t"
          ><th class="py-2 pr-3 text-left">a serving costs</th>{#each tastes as taste (taste.salad)}<td
              class="px-2 py-2">{taste.cost.cost.text}</td
            >{/each}<td></td></tr
        >
      </tbody>
    </table>
    {#each plan.count.filter((portion) => portion.at_table) as portion (portion.at)}<p class="mt-2">
        On the table beside {portion.name}, not in it: <b>{portion.at_table!.join("; ")}</b>.
      </p>{/each}
    <p class="quiet mt-2">
      May be cross-contact: decide in your kitchen, and say so. Derived from every line, dressing and
      cooking included.
    </p>
  </section>
{/if}
