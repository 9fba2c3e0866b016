<script lang="ts">
  import { onDestroy } from "svelte";
  import { Bell, hear, heard, stayAwake } from "./bell";
  import type { RunOf } from "./run.svelte";

  // What rings, large enough to be read across the room, until somebody hears it.
  let { run }: { run: RunOf } = $props();
  let silenced = $state.raw(heard());
  const bell = new Bell();
  const rings = $derived(run.rings.filter((ring) => !silenced.includes(ring.key)));
  $effect(() => bell.ring(rings.length > 0));
  const sleep = stayAwake();
  onDestroy(() => {
    bell.ring(false);
    sleep();
  });
  function silence(): void {
    hear(rings.map((ring) => ring.key));
    silenced = heard();
  }
</script>

{#if rings.length > 0}
  <section
    class="tray border-warning mb-3 flex flex-wrap items-center gap-4 border-4"
    role="alert"
    aria-label="It rings"
  >
    <ul class="grow">
      {#each rings as ring (ring.key)}<li class="text-3xl leading-tight font-bold">
          {ring.what}
        </li>{/each}
    </ul>
    <button class="btn btn-primary h-20 px-8 text-2xl" onclick={silence}>I hear it</button>
  </section>
{/if}
