<script lang="ts">
  // The row of the recipe that something came from, in the cook's own words.
  let { row }: { row: string | undefined } = $props();
</script>

{#if row}<p class="quiet font-normal">
    <span class="sr-only">As the recipe has it: </span>“{row}”
  </p>{/if}
