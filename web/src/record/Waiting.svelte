<script lang="ts">
  import { live } from "../state/live.svelte";
  import { forgetRefusedSends, sent } from "../state/sent.svelte";
  import { forgetRefused, waiting } from "./log.svelte";

  // That there is no net; what waits on this device for it, and what the server did not take.
  const waits = $derived(waiting.count + sent.waiting.length);
</script>

{#if live.lost}
  <p class="tray mb-3 font-semibold" role="status">
    No net. This is as it was said last; what you tick and write waits here, and goes out by itself.
  </p>
{/if}

{#if waits > 0}
  <p class="tray mb-3" role="status">
    {waits === 1 ? "One entry waits" : `${waits} entries wait`} on this device for the net, and
    {waits === 1 ? "goes" : "go"} out by {waits === 1 ? "itself" : "themselves"}.
  </p>
{/if}
{#if waiting.refused.length + sent.refused.length > 0}
  <section class="tray mb-3" aria-label="Not taken">
    <h2 class="text-lg">Not taken by the server</h2>
    <ul>
      {#each waiting.refused as { entry, why } (entry.uid)}<li>
          {entry.kind}
          {entry.of ?? ""}
          {entry.about ?? ""}: <b>{entry.value ?? ""}</b>. {why.join(" ")}
        </li>{/each}
      {#each sent.refused as { waiting: was, why } (was.uid)}<li>{was.what}: {why}</li>{/each}
    </ul>
    <button
      class="btn btn-outline mt-2 h-11"
      onclick={() => {
        forgetRefused();
        forgetRefusedSends();
      }}>I have seen it</button
    >
  </section>
{/if}
