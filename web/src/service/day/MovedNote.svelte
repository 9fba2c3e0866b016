<script lang="ts">
  import type { DayOf } from "./day.svelte";

  // What the last change moved of the days that are planned around this one.
  let { day }: { day: DayOf } = $props();
</script>

{#if day.moved.length > 0}
  <section class="tray" aria-label="Moved elsewhere" role="status">
    <h2 class="text-lg">This moved elsewhere</h2>
    <ul>
      {#each day.moved as each (each.id)}<li>
          <a class="link" href="/services/{each.id}/day">{each.name}</a>
          {each.said}<span class="quiet">; before: {each.before}</span>
        </li>{/each}
    </ul>
  </section>
{/if}
