<script lang="ts">
  import { api, ask, type Schemas } from "../api/client";
  import { whenMoved } from "../state/live.svelte";
  import { shortDay } from "../ui/dates";
  import { write } from "./log.svelte";

  // What was written down of one thing: a lot, a task, the sheet that a figure stands on. A mistake is taken
  // back by an entry of its own, and both stay.
  let { service, lot, at }: { service?: number; lot?: string; at?: string } = $props();
  let entries = $state.raw<Schemas["Entry"][]>([]);

  async function load(): Promise<void> {
    const query = { ...(service && { service }), ...(lot && { lot }), ...(at && { at }) };
    entries = (await ask(api.GET("/api/entries", { params: { query } }))).data ?? entries;
  }
  $effect(() => {
    void load();
    return whenMoved(() => void load());
  });
  async function takeBack(entry: Schemas["Entry"]): Promise<void> {
    const { kind, about, task } = entry;
    await write({
      kind,
      mends: entry.uid,
      void: true,
      ...(entry.of && { of: entry.of }),
      ...(about && { about }),
      ...(task && { task }),
      ...(entry.service && { service: entry.service }),
      ...(entry.lot && { lot: entry.lot }),
    });
    await load();
  }
  const shown = $derived(entries.filter((entry) => !entry.void));
</script>

{#if shown.length > 0}
  <details class="mt-2">
    <summary class="min-h-11 cursor-pointer"
      >{shown.length === 1 ? "One entry" : `${shown.length} entries`}</summary
    >
    <ul>
      {#each shown as entry (entry.uid)}
        <li class="border-base-300 flex flex-wrap items-center gap-x-3 border-t py-1">
          <span class="quiet tabular-nums"
            >{shortDay(entry.clock.slice(0, 10))} {entry.clock.slice(11)}</span
          >
          <span class={["grow", entry.mended && "quiet line-through"]}
            >{entry.name}{entry.of ? `, ${entry.of}` : ""}{entry.note ? ` “${entry.note}”` : ""}</span
          >
          <b class="tabular-nums">{entry.text ?? ""}</b><span class="quiet">{entry.by ?? ""}</span>
          {#if !entry.mended && entry.text}<button
              class="btn btn-ghost h-11"
              onclick={() => takeBack(entry)}>Not so</button
            >{/if}
        </li>
      {/each}
    </ul>
  </details>
{/if}
