<script lang="ts">
  import { api, ask, type DressingBatch } from "../api/client";
  import type { Happened } from "../record/happened";
  import { write } from "../record/log.svelte";
  import CorrectIt from "../salad/CorrectIt.svelte";
  import type { DayTask } from "../service/day/day.svelte";
  import type { RunOf } from "./run.svelte";

  // At the jug: it tastes right, or what is added until it does; both are written down.
  let { run, task }: { run: RunOf; task: DayTask } = $props();
  let batch = $state.raw<DressingBatch>();
  let said = $state("");

  async function open(): Promise<void> {
    const { data } = await ask(
      api.GET("/api/services/{id}/plan", { params: { path: { id: run.day.id } } }),
    );
    batch = data?.dress.find((each) => each.at === task.at);
  }
  async function keep(note: string): Promise<void> {
    const tasted: Happened = {
      kind: "tasted",
      service: run.day.id,
      task: task.key,
      about: task.name,
      note,
    };
    const kept = await write(tasted, run.now);
    said = `“${note}” ${kept ? "is written down." : "waits on this device for the net."}`;
  }
</script>

<div class="w-full">
  <div class="flex flex-wrap items-center gap-3">
    <button class="btn btn-outline h-12 text-lg" onclick={() => keep("Tastes right")}
      >Tastes right</button
    >
    {#if !batch}<button class="btn btn-outline h-12 text-lg" onclick={open}>It wants something</button
      >{/if}
    <span role="status" class="text-success font-semibold">{said}</span>
  </div>
  {#if batch}<CorrectIt {batch} onadded={(words) => keep(words)} />{/if}
</div>
