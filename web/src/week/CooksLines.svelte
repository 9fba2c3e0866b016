<script lang="ts">
  import type { Share } from "./kitchenday.svelte";
  import { linesOf } from "./shares";

  // The kitchen's day on a phone: one cook's at a time, whatever service it is for.
  let { date, shares }: { date: string; shares: Share[] } = $props();
  const sheets = $derived(
    linesOf(
      date,
      shares.map((share) => ({ of: share, roster: share.day.roster! })),
    ),
  );
  let shown = $state(0);
  const lines = $derived(sheets[shown]?.lines ?? []);
</script>

<div class="flex gap-2" role="group" aria-label="Whose day">
  {#each sheets as sheet, index (sheet.name)}<button
      class="btn h-11 grow {shown === index ? 'btn-primary' : 'btn-outline'}"
      aria-pressed={shown === index}
      onclick={() => (shown = index)}>{sheet.name}</button
    >{/each}
</div>
<ol>
  {#each lines as { of, task, from, text, doing } (`${of.service.id} ${task.key} ${from}`)}
    <li class="border-base-300 border-t">
      <button
        class="grid min-h-11 w-full grid-cols-[3.5rem_minmax(0,1fr)_auto] items-center gap-x-2 py-1 text-left"
        class:bg-base-200={of.day.chosen === task.key}
        aria-pressed={of.day.chosen === task.key}
        onclick={() => void of.day.choose(task.key)}
      >
        <b class="text-lg tabular-nums">{from.slice(11)}</b>
        <span class:quiet={task.state === "done"}
          >{task.name}{#if doing}<span class="quiet">, {doing.toLowerCase()}</span>{/if}<span
            class="quiet block text-sm">{of.service.name}</span
          ></span
        >
        <span class="quiet whitespace-nowrap tabular-nums">{text}</span>
      </button>
    </li>
  {:else}<li class="quiet py-2">Nothing to do: free for what comes up.</li>{/each}
</ol>
