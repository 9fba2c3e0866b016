<script lang="ts">
  import { api, ask, plainly, type IngredientPage, type Problem } from "../api/client";
  import KiloStages from "./KiloStages.svelte";
  import { units } from "../state/units.svelte";
  import { by } from "../state/who.svelte";
  import Caution from "../ui/Caution.svelte";
  import Dot from "../ui/Dot.svelte";
  import Fault from "../ui/Fault.svelte";
  import HouseFigures from "../kitchen/HouseFigures.svelte";
  import Initials from "../ui/Initials.svelte";
  import NewIngredient from "./NewIngredient.svelte";

  // One ingredient: what a kilo becomes, how it is cooked and holds, and every figure with its
  // source, to be replaced by the kitchen's own.
  let { key, onchanged }: { key: string; onchanged: () => void } = $props();
  let page = $state.raw<IngredientPage>();
  let problem = $state.raw<Problem>();
  let faults = $state<Record<string, string>>({});

  async function load(): Promise<void> {
    const answer = await ask(api.GET("/api/ingredients/{key}/page", { params: { path: { key } } }));
    page = answer.data;
    problem = answer.problem;
  }
  $effect(() => {
    void units.turned;
    void load();
  });

  async function set(at: string, value: string | null): Promise<void> {
    const answer = await ask(api.PUT("/api/house-figures", { body: { at, value, by: by() } }));
    if (answer.problem) faults[at] = plainly(answer.problem);
    else {
      delete faults[at];
      if (answer.data && "figures" in answer.data) page = answer.data;
    }
  }

  const facts = $derived(
    page
      ? (
          [
            ["Taste", page.taste.join(", ")],
            ["Texture", page.texture.join(", ")],
            ["Diets", page.diets.join(", ") || "neither vegan nor vegetarian"],
            ["Contains", page.allergens.join(", ") || "none of the 14 allergens"],
            ["Surplus", page.surplus ?? ""],
            ["Used in", page.used_in.join(", ")],
          ] as const
        ).filter(([, text]) => text !== "")
      : [],
  );
</script>

{#if problem}<Fault {problem} />{/if}
{#if page}
  <article class="tray min-w-0">
    <a href="/larder" class="link lg:hidden">Back to the larder</a>
    <div class="flex flex-wrap items-start justify-between gap-3">
      <div>
        <h2 class="flex items-center gap-2 text-2xl"><Dot colour={page.colour} />{page.name}</h2>
        <p class="quiet">{[page.family, page.section, ...page.aliases].join(" · ")}</p>
      </div>
      <NewIngredient like={page} onadded={onchanged} />
    </div>
    {#if page.gaps.length > 0}<Caution
        text="Still missing for its family: {page.gaps.join(', ')}."
      />{/if}
    {#if page.caution}<Caution text={page.caution} />{/if}
    <dl class="mt-3 grid grid-cols-[6rem_1fr] gap-x-3 gap-y-1">
      {#each facts as [name, text] (name)}<dt class="quiet">{name}</dt>
        <dd>{text}</dd>{/each}
    </dl>
    <h3 class="mt-5 text-lg">What a kilo becomes</h3>
    <KiloStages stages={page.stages} colour={page.colour} />
    {#if page.methods.length > 0}
      <h3 class="mt-5 text-lg">How it is cooked</h3>
      {#each page.methods as method (method.key)}
        <div class="border-base-300 border-t py-2">
          <p><b>{method.name}</b>: {method.figures}</p>
          <p class="quiet">
            Done: {method.done}{method.schools.length > 0
              ? ` Choose: ${method.schools.join("; ")}.`
              : ""}
          </p>
        </div>
      {/each}
    {/if}
    <h3 class="mt-5 text-lg">How it holds</h3>
    <table class="w-full">
      <tbody>
        {#each page.holds as hold (hold.form)}
          <tr class="border-base-300 border-t"
            ><td class="py-2 pr-3">{hold.form}</td><td class="pr-3"
              >as {hold.name}{hold.tcs ? ", keep cold" : ""}</td
            ><td class="text-right">rests {hold.rest} · best dressed {hold.dressed}</td></tr
          >
        {/each}
      </tbody>
    </table>
    <div class="mt-5 mb-1 flex flex-wrap items-end justify-between gap-3">
      <h3 class="text-lg">Figures, and who says so</h3>
      <Initials />
    </div>
    <HouseFigures figures={page.figures} {faults} onset={set} />
  </article>
{/if}
