<script lang="ts">
  import { shortDay } from "../../ui/dates";
  import type { DayOf } from "./day.svelte";
  import { sheetsOf } from "./lanes";

  // The day on a phone: one cook's at a time, in order; what is chosen is shown below.
  let { day }: { day: DayOf } = $props();
  const sheets = $derived(sheetsOf(day.roster!));
  let shown = $state(0);
  const lines = $derived(sheets[shown]?.lines ?? []);
  const date = (index: number) => lines[index]?.segment.from.slice(0, 10) ?? day.roster!.service.date;
</script>

<div class="flex gap-2" role="group" aria-label="Whose day">
  {#each sheets as sheet, index (index)}<button
      class="btn h-11 grow {shown === index ? 'btn-primary' : 'btn-outline'}"
      aria-pressed={shown === index}
      onclick={() => (shown = index)}>{sheet.name}</button
    >{/each}
</div>
<ol>
  {#each lines as { task, segment }, index (`${task.key} ${segment.from}`)}
    {#if date(index) !== date(index - 1)}<li class="quiet pt-2 font-semibold">
        {shortDay(date(index))}
      </li>{/if}
    <li class="border-base-300 border-t">
      <button
        class="grid min-h-11 w-full grid-cols-[3.5rem_minmax(0,1fr)_auto] items-center gap-x-2 py-1 text-left"
        class:bg-base-200={day.chosen === task.key}
        aria-pressed={day.chosen === task.key}
        onclick={() => void day.choose(task.key)}
      >
        <b class="text-lg tabular-nums">{segment.from.slice(11)}</b>
        <span class:quiet={task.state === "done"}
          >{task.name}{#if segment.name}<span class="quiet">, {segment.name.toLowerCase()}</span
            >{/if}</span
        >
        <span class="quiet whitespace-nowrap tabular-nums">{segment.text}</span>
      </button>
    </li>
  {:else}<li class="quiet py-2">Nothing to do: free for what comes up.</li>{/each}
</ol>
