<script lang="ts">
  // The food's own colour.
  let { colour }: { colour: string } = $props();
</script>

<svg class="inline-block shrink-0" width="16" height="16" viewBox="0 0 16 16" aria-hidden="true">
  <circle cx="8" cy="8" r="7" fill={colour} stroke="currentColor" stroke-opacity="0.45" />
</svg>
