<script lang="ts">
  import type { IngredientPage } from "../api/client";

  // A kilo as bought and what is left of it (or what it grows to) at each stage, as bars to one
  // scale: every trim, then every cut of the first, then every way of cooking that.
  let { stages, colour }: { stages: IngredientPage["stages"]; colour: string } = $props();
  const most = $derived(Math.max(...stages.flatMap((stage) => stage.rows.map((row) => row.grams))));
</script>

<table class="w-full">
  {#each stages as stage, place (stage.name)}
    <tbody>
      {#each stage.rows as row, index (row.name)}
        <tr class="h-10 {index === 0 ? 'border-base-300 border-t-2' : ''}">
          <td class="quiet w-24 pr-2 align-middle">{index === 0 ? stage.name : ""}</td>
          <td class="w-52 py-1 pr-3"
            >{row.name}{#if row.note}<br /><span class="quiet">{row.note}</span>{/if}</td
          >
          <td class="min-w-20">
            <svg class="h-6 w-full" viewBox="0 0 100 24" preserveAspectRatio="none" aria-hidden="true">
              <rect
                x="0.3"
                y="3"
                width={(row.grams / most) * 99}
                height="18"
                fill={colour}
                fill-opacity={index === 0 || place === 0 ? 1 : 0.55}
                stroke="var(--rim)"
                stroke-width="2"
                vector-effect="non-scaling-stroke"
              />
            </svg>
          </td>
          <td class="w-28 pl-3 text-right text-xl font-bold whitespace-nowrap">{row.text}</td>
        </tr>
      {/each}
    </tbody>
  {/each}
</table>
