<script lang="ts">
  import type { Cooking } from "../../api/client";
  import type { Desk } from "../desk.svelte";

  // The choices within a method, the reason for the one taken, and for pots which one.
  let { batch, desk }: { batch: Cooking; desk: Desk } = $props();
  const potAt = $derived(batch.schools[0]?.at.replace(/[^/]+$/, "pot"));
</script>

{#if batch.schools.length > 0}
  <div class="no-print mt-4 flex flex-wrap gap-x-5 gap-y-3" role="group" aria-label="How it is cooked">
    {#each batch.schools as school (school.option)}
      <div>
        <div class="quiet">{school.name}</div>
        <div class="join">
          {#each school.choices as choice (choice.key)}
            <button
              class="btn join-item h-11 px-3 font-semibold {choice.key === school.chosen
                ? 'btn-primary'
                : 'btn-outline'}"
              aria-pressed={choice.key === school.chosen}
              title={choice.why}
              onclick={() => desk.change(school.at, choice.key)}>{choice.name}</button
            >
          {/each}
        </div>
        {#if desk.faults[school.at]}<p class="text-error font-semibold" role="alert">
            {desk.faults[school.at]}
          </p>{/if}
      </div>
    {/each}
    {#if batch.pots && batch.pot && potAt}
      <label class="block"
        ><span class="quiet block">Pot</span>
        <select
          class="select h-11 w-44 text-lg"
          value={batch.pot.key}
          onchange={(event) => desk.change(potAt, event.currentTarget.value)}
        >
          {#each batch.pots as pot (pot.key)}<option value={pot.key}>{pot.name}</option>{/each}
        </select>
      </label>
    {/if}
  </div>
  <p class="quiet mt-2">
    {#each batch.schools as school, index (school.option)}{index > 0 ? " " : ""}<b
        >{school.choices.find((choice) => choice.key === school.chosen)?.name}:</b
      >
      {school.choices.find((choice) => choice.key === school.chosen)?.why}{/each}
  </p>
{/if}
