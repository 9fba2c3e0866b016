<script lang="ts">
  // So many eggs, thirty to a tray, to count them out by.
  let { count, colour }: { count: number; colour: string } = $props();
  const trays = $derived(Math.floor(count / 30));
  const rest = $derived(count % 30);
</script>

<figure>
  <svg
    viewBox="0 0 300 66"
    class="w-full max-w-[20rem]"
    role="img"
    aria-label="{trays} trays of thirty and {rest}"
  >
    {#each { length: rest } as _, index (index)}
      <ellipse
        cx={14 + (index % 10) * 29}
        cy={12 + Math.floor(index / 10) * 21}
        rx="9"
        ry="8"
        fill={colour}
        stroke="var(--rim)"
        stroke-width="2"
      />
    {/each}
  </svg>
  <figcaption class="quiet">{trays} trays of 30 and {rest} more</figcaption>
</figure>
