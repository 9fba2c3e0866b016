<script lang="ts">
  import type { Schemas } from "../api/client";
  import Dot from "../ui/Dot.svelte";

  // Pot company: what cooks along with a component.
  let {
    name,
    rows,
    onremoved,
  }: { name: string; rows: Schemas["Below"][]; onremoved: (at: number) => void } = $props();
</script>

<ul class="mt-2 flex flex-wrap gap-x-4 gap-y-1 pl-20" aria-label="Cooks along with {name}">
  {#each rows as row, at (row.ingredient)}
    <li class="flex items-center gap-2">
      <Dot colour={row.colour} />{row.name} <span class="quiet">{row.text}</span>
      <button
        class="btn btn-ghost h-11 w-11 p-0 text-xl"
        aria-label="{row.name} does not cook along"
        onclick={() => onremoved(at)}>×</button
      >
    </li>
  {/each}
</ul>
