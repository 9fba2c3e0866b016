<script lang="ts">
  import type { Taste } from "../api/client";

  // How much of the salad is felt as what, by weight; one component may be felt as several.
  let { title, rows }: { title: string; rows: Taste["balance"]["tastes"] } = $props();
</script>

<table class="w-full self-start">
  <thead><tr><th colspan="3" class="pb-1 text-left">{title}</th></tr></thead>
  <tbody>
    {#each rows as row (row.name)}
      <tr class="h-8" title={row.lines.join(", ")}>
        <td class="w-20">{row.name}</td>
        <td
          ><svg viewBox="0 0 100 14" preserveAspectRatio="none" class="h-3.5 w-full" aria-hidden="true"
            ><rect width="100" height="14" rx="2" fill="var(--color-base-200)" /><rect
              width={Math.min(row.share, 1) * 100}
              height="14"
              rx="2"
              fill="var(--rim)"
            /></svg
          ></td
        >
        <td class="w-16 pl-2 text-right">{row.text}</td>
      </tr>
    {/each}
  </tbody>
</table>
