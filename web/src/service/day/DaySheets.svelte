<script lang="ts">
  import type { Roster } from "./day.svelte";
  import { sheetsOf } from "./lanes";
  import { shortDay } from "../../ui/dates";

  // A sheet for each cook: what, when, for how long, in order.
  let { roster }: { roster: Roster } = $props();
  const sheets = $derived(sheetsOf(roster));

  // The first line of a day.
  const begins = (lines: { segment: { from: string } }[], index: number) =>
    lines[index - 1]?.segment.from.slice(0, 10) !== lines[index]!.segment.from.slice(0, 10);
</script>

<div class="grid grid-cols-[repeat(auto-fit,minmax(min(24rem,100%),1fr))] items-start gap-3">
  {#each sheets as sheet, place (place)}
    <section class="tray" aria-label="Day sheet of {sheet.name}">
      <h2 class="text-xl">{sheet.name}</h2>
      <table class="w-full">
        <tbody>
          {#each sheet.lines as { task, segment }, index (`${task.key} ${segment.from}`)}
            {#if begins(sheet.lines, index)}
              <tr><td colspan="3" class="quiet pt-2">{shortDay(segment.from.slice(0, 10))}</td></tr>
            {/if}
            <tr class="border-base-300 h-11 border-t">
              <td class="w-20 text-xl font-bold tabular-nums">{segment.from.slice(11)}</td>
              <td
                >{task.name}{#if segment.name}<span class="quiet">, {segment.name.toLowerCase()}</span
                  >{/if}</td
              >
              <td class="w-20 text-right tabular-nums">{segment.text}</td>
            </tr>
          {:else}
            <tr><td class="quiet">Nothing to do: free for what comes up.</td></tr>
          {/each}
        </tbody>
      </table>
    </section>
  {/each}
</div>
