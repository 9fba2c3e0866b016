<script lang="ts">
  import Dot from "../../ui/Dot.svelte";
  import { api, ask, type Schemas } from "../../api/client";
  import type { DayOf } from "./day.svelte";

  // What an earlier service could make for this one: each with its switch.
  let { day }: { day: DayOf } = $props();
  type Line = Schemas["ShareableLine"];
  let lines = $state.raw<Line[]>([]);
  let lapsed = $state.raw<string[]>([]);
  const withs = $derived([...new Set(lines.map((line) => line.with))]);

  // As it is for the day that stands.
  $effect(() => {
    const roster = day.roster;
    void ask(api.GET("/api/services/{id}/together", { params: { path: { id: day.id } } })).then(
      ({ data }) => {
        if (!data || roster !== day.roster) return;
        lines = data.lines;
        lapsed = data.lapsed;
      },
    );
  });

  const turn = (line: Line) =>
    day.decide(
      line.made
        ? { apart: line.preparation }
        : { together: { preparation: line.preparation, service: line.service } },
    );
</script>

{#if lines.length > 0 || lapsed.length > 0}
  <section class="tray" aria-label="Made once for two services">
    <h2 class="text-xl">Made once for two services</h2>
    {#each lapsed as said (said)}<p>{said}</p>{/each}
    {#each withs as name (name)}
      <h3 class="mt-2 text-lg">With {name}</h3>
      <ul>
        {#each lines.filter((line) => line.with === name) as line (line.preparation)}
          <li class="border-base-300 border-t">
            <label class="flex min-h-11 flex-wrap items-center gap-x-4 py-1">
              <input
                type="checkbox"
                class="toggle toggle-lg"
                checked={line.made}
                disabled={day.busy}
                onchange={() => turn(line)}
              />
              <span class="flex items-center gap-2"><Dot colour={line.colour} /><b>{line.name}</b></span
              >
              <span class="quiet grow">{line.text}</span>
            </label>
          </li>
        {/each}
      </ul>
    {/each}
  </section>
{/if}
