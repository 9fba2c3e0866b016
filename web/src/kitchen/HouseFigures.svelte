<script lang="ts">
  import type { IngredientPage } from "../api/client";

  // Every figure of an ingredient with its source, and a field for the kitchen's own.
  let {
    figures,
    faults,
    onset,
  }: {
    figures: IngredientPage["figures"];
    faults: Record<string, string>;
    onset: (at: string, value: string | null) => void;
  } = $props();
  const groups = $derived([...new Set(figures.map((figure) => figure.group))]);
  const own = $derived(figures.filter((figure) => figure.default));
</script>

{#each groups as group (group)}
  {@const lines = figures.filter((figure) => figure.group === group)}
  <details
    class="border-base-300 border-t"
    open={lines.some((figure) => figure.default || faults[figure.at]) ||
      (own.length === 0 && ["Trim", "Roast", "Absorption", "Tinned"].includes(group))}
  >
    <summary class="flex min-h-11 cursor-pointer items-center gap-3"
      ><b>{group}</b><span class="quiet"
        >{lines.length}
        {lines.length === 1 ? "figure" : "figures"}{lines.some((figure) => figure.default)
          ? ", one of them yours"
          : ""}</span
      ></summary
    >
    <table class="mb-2 w-full">
      <tbody>
        {#each lines as figure (figure.at)}
          <tr class="border-base-300 border-t">
            <td class="py-2 pr-3"
              >{figure.label}<br /><span
                class="badge badge-outline mr-2 {figure.source_kind === 'looked up'
                  ? 'border-2 font-bold'
                  : ''}">{figure.source_kind}</span
              ><span class="quiet">{figure.source}</span>{#if faults[figure.at]}<br /><span
                  class="text-error font-semibold"
                  role="alert">{faults[figure.at]}</span
                >{/if}</td
            >
            <td class="py-1 text-right whitespace-nowrap">
              <input
                class="input h-11 w-44 text-right text-lg font-bold {faults[figure.at]
                  ? 'border-error border-2'
                  : ''}"
                aria-label={figure.label}
                title="{figure.least} to {figure.most} {figure.bound_unit}"
                maxlength="80"
                value={figure.text}
                onchange={(event) => onset(figure.at, event.currentTarget.value)}
              />
              {#if figure.default}<br /><button
                  class="btn btn-outline mt-1 h-11"
                  onclick={() => onset(figure.at, null)}>Back to {figure.default}</button
                >{/if}
            </td>
          </tr>
        {/each}
      </tbody>
    </table>
  </details>
{/each}
