<script lang="ts">
  import type { Figure as FigureType } from "../api/client";
  import Figure from "./Figure.svelte";

  // A labelled figure on a line of its own, or on two where it has no room.
  let {
    label,
    of,
    size = "text-2xl",
    note,
  }: { label: string; of: FigureType; size?: string; note?: string } = $props();
</script>

<div class="border-base-300 min-w-0 border-b pb-1 [&_.figure]:text-left [&_.figure]:whitespace-normal">
  <div class="quiet">{label}</div>
  <Figure {of} {size} {label} />
  {#if note}<div class="quiet">{note}</div>{/if}
</div>
