<script lang="ts">
  // What the last change did, in the words of the kitchen.
  let { title, items }: { title: string; items: string[] } = $props();
  const MOST = 6;
</script>

<p
  class={[
    "border-success bg-base-100 text-success flex flex-wrap items-baseline",
    "gap-x-2 rounded-lg border-2 px-3 py-1 font-semibold",
  ]}
>
  <span>{title}:</span>
  {#each items.slice(0, MOST) as item, index (item)}
    <span>{item}{index < Math.min(items.length, MOST) - 1 ? " ·" : ""}</span>
  {:else}
    <span>nothing more to buy or fill</span>
  {/each}
  {#if items.length > MOST}<span>· and {items.length - MOST} more</span>{/if}
</p>
