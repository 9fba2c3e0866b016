<script lang="ts">
  import { forgetRefused, waiting } from "./log.svelte";

  // What waits on this device for the net, and what the server did not take.
</script>

{#if waiting.count > 0}
  <p class="tray mb-3" role="status">
    {waiting.count === 1 ? "One entry waits" : `${waiting.count} entries wait`} on this device for the net,
    and
    {waiting.count === 1 ? "goes" : "go"} out by {waiting.count === 1 ? "itself" : "themselves"}.
  </p>
{/if}
{#if waiting.refused.length > 0}
  <section class="tray mb-3" aria-label="Not taken">
    <h2 class="text-lg">Not taken by the server</h2>
    <ul>
      {#each waiting.refused as { entry, why } (entry.uid)}<li>
          {entry.kind}
          {entry.of ?? ""}
          {entry.about ?? ""}: <b>{entry.value ?? ""}</b>. {why.join(" ")}
        </li>{/each}
    </ul>
    <button class="btn btn-outline mt-2 h-11" onclick={forgetRefused}>I have seen it</button>
  </section>
{/if}
