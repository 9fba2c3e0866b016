<script lang="ts">
  import type { Judged } from "../api/client";
  import { beside } from "./comparison";

  // Two builds in two columns; what differs stands out.
  let { before, after, names }: { before: Judged; after: Judged; names: [string, string] } = $props();
  const rows = $derived(beside(before, after));
</script>

<table class="w-full">
  <thead><tr class="text-left"><th></th><th class="pr-3">{names[0]}</th><th>{names[1]}</th></tr></thead>
  <tbody>
    {#each rows as row (row.name)}
      <tr class="border-base-300 border-t align-top"
        ><td class="quiet w-36 py-1.5 pr-3">{row.name}</td><td class="py-1.5 pr-3">{row.before}</td><td
          class="py-1.5 {row.changed ? 'font-bold' : ''}">{row.changed ? "→ " : ""}{row.after}</td
        ></tr
      >
    {/each}
  </tbody>
</table>
