<script lang="ts">
  import { api, ask, plainly, type IngredientPage, type Problem } from "../api/client";
  import KiloChain from "../pictures/KiloChain.svelte";
  import Caution from "./Caution.svelte";
  import Dot from "./Dot.svelte";
  import Fault from "./Fault.svelte";

  // One ingredient: what a kilo becomes, and every figure with its source, to be replaced by
  // the kitchen's own.
  let { key }: { key: string } = $props();
  let page = $state.raw<IngredientPage>();
  let problem = $state.raw<Problem>();
  let faults = $state<Record<string, string>>({});

  async function load(): Promise<void> {
    const answer = await ask(api.GET("/api/ingredients/{key}/page", { params: { path: { key } } }));
    page = answer.data;
    problem = answer.problem;
  }
  void load();

  async function set(at: string, value: string | null): Promise<void> {
    const answer = await ask(api.PUT("/api/house-figures", { body: { at, value } }));
    if (answer.problem) faults[at] = plainly(answer.problem);
    else {
      delete faults[at];
      page = answer.data;
    }
  }
</script>

{#if problem}<Fault {problem} />{/if}
{#if page}
  <article class="tray min-w-0">
    <a href="/larder" class="link lg:hidden">Back to the larder</a>
    <h2 class="flex items-center gap-2 text-2xl"><Dot colour={page.colour} />{page.name}</h2>
    <p class="quiet">{[page.family, page.section, ...page.aliases].join(" · ")}</p>
    <p class="mt-1">{page.allergens.length > 0 ? `Contains ${page.allergens.join(", ")}.` : "None of the 14 allergens."}{page.tcs.length > 0 ? ` Keep cold: ${page.tcs.join(", ")}.` : ""}</p>
    {#if page.caution}<Caution text={page.caution} />{/if}
    <h3 class="mt-4 text-lg">What a kilo becomes</h3>
    <KiloChain chains={page.chains} colour={page.colour} />
    {#if page.done}<p class="mt-2"><b>Done when:</b> {page.done}</p>{/if}
    {#if page.surplus}<p><b>Surplus:</b> {page.surplus}</p>{/if}
    <h3 class="mt-4 text-lg">Figures, and who says so</h3>
    <table class="w-full">
      <tbody>
        {#each page.figures as figure (figure.at)}
          <tr class="border-base-300 border-t">
            <td class="py-2 pr-3">{figure.label}<br /><span class="quiet">{figure.source}</span>{#if faults[figure.at]}<br /><span class="text-error font-semibold" role="alert">{faults[figure.at]}</span>{/if}</td>
            <td class="py-1 text-right whitespace-nowrap">
              <input class="input h-11 w-32 text-right text-lg font-bold {faults[figure.at] ? 'border-error border-2' : ''}" aria-label={figure.label} title="{figure.least} to {figure.most} {figure.bound_unit}" maxlength="80" value={figure.text} onchange={(event) => set(figure.at, event.currentTarget.value)} />
              {#if figure.default}<br /><button class="btn btn-outline mt-1 h-11" onclick={() => set(figure.at, null)}>Back to {figure.default}</button>{/if}
            </td>
          </tr>
        {/each}
      </tbody>
    </table>
  </article>
{/if}
