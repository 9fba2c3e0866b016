<script lang="ts">
  import type { Schemas } from "../api/client";

  // The picture of an entry, small; large at a touch.
  let { entry }: { entry: Schemas["Entry"] } = $props();
  const alt = $derived(entry.note ?? `${entry.name}, ${entry.clock.replace("T", " ")}`);
</script>

<a href={entry.picture} target="_blank" rel="noopener" aria-label="The picture: {alt}"
  ><img class="h-12 rounded" loading="lazy" src={entry.picture} {alt} /></a
>
