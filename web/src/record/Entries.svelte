<script lang="ts">
  import { api, ask, type Schemas } from "../api/client";
  import { whenMoved } from "../state/live.svelte";
  import { shortDay } from "../ui/dates";
  import { write } from "./log.svelte";
  import PictureOf from "./PictureOf.svelte";

  // What was written down of one thing: a lot, a task, the sheet that a figure stands on. A mistake is taken
  // back by an entry of its own, and both stay.
  // given: those that are there already, of a lot; else those of a service at a task or a sheet.
  let {
    given,
    service,
    at,
    onchange,
  }: { given?: Schemas["Entry"][]; service?: number; at?: string; onchange?: () => void } = $props();
  let asked = $state.raw<Schemas["Entry"][]>([]);
  const entries = $derived(given ?? asked);

  async function load(): Promise<void> {
    if (given) return onchange?.();
    const query = { ...(service && { service }), ...(at && { at }) };
    asked = (await ask(api.GET("/api/entries", { params: { query } }))).data ?? asked;
  }
  $effect(() => {
    if (given) return;
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

{#if shown.length === 0}
  <p class="quiet mt-2 min-h-11">Nothing written down yet</p>
{:else}
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
          {#if entry.picture}<PictureOf {entry} />{/if}
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
