<script lang="ts">
  import { shortDay } from "../../ui/dates";
  import type { DayOf, DayTask } from "./day.svelte";

  // One cook's work at a time, in order; what is chosen is shown below. Where it is for several services,
  // each line says for which.
  type Line = {
    day: DayOf;
    task: DayTask;
    from: string;
    text: string;
    doing: string | undefined;
    service?: string;
  };
  let { sheets }: { sheets: { name: string; lines: Line[] }[] } = $props();
  let shown = $state(0);
  const lines = $derived(sheets[shown]?.lines ?? []);
  const date = (index: number) => lines[index]?.from.slice(0, 10);
</script>

<div class="flex gap-2" role="group" aria-label="Whose day">
  {#each sheets as sheet, index (index)}<button
      class="btn h-11 grow {shown === index ? 'btn-primary' : 'btn-outline'}"
      aria-pressed={shown === index}
      onclick={() => (shown = index)}>{sheet.name}</button
    >{/each}
</div>
<ol>
  {#each lines as { day, task, from, text, doing, service }, index (`${day.id} ${task.key} ${from}`)}
    {#if date(index) !== date(index - 1)}<li class="quiet pt-2 font-semibold">
        {shortDay(date(index)!)}
      </li>{/if}
    <li class="border-base-300 border-t">
      <button
        class="grid min-h-11 w-full grid-cols-[3.5rem_minmax(0,1fr)_auto] items-center gap-x-2 py-1 text-left"
        class:bg-base-200={day.chosen === task.key}
        aria-pressed={day.chosen === task.key}
        onclick={() => void day.choose(task.key)}
      >
        <b class="text-lg tabular-nums">{from.slice(11)}</b>
        <span class:quiet={task.state === "done"}
          >{task.name}{#if doing}<span class="quiet">, {doing.toLowerCase()}</span
            >{/if}{#if service}<span class="quiet block text-sm">{service}</span>{/if}</span
        >
        <span class="quiet whitespace-nowrap tabular-nums">{text}</span>
      </button>
    </li>
  {:else}<li class="quiet py-2">Nothing to do: free for what comes up.</li>{/each}
</ol>
