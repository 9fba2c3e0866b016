<script lang="ts">
  import type { Mover } from "./mover.svelte";
  import type { Axis } from "./strands";

  // Where the chosen task may begin, on the row that it is drawn on.
  let {
    mover,
    keys,
    axis,
    top,
    height,
  }: { mover: Mover; keys: string[]; axis: Axis; top: number; height: number } = $props();
  const task = $derived(mover.day.task);
</script>

{#if task && keys.includes(task.key)}
  {#each mover.spans as [low, high] (low)}<div
      class="border-success bg-success/20 absolute border-x-2"
      style:left="{axis.x(low)}px"
      style:width="{Math.max(axis.x(high + task.minutes) - axis.x(low), 3)}px"
      style:top="{top}px"
      style:height="{height}px"
    ></div>{/each}
{/if}
