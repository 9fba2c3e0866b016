<script lang="ts">
  // So many trays or pans, one layer each.
  let {
    count,
    colour,
    vessel,
    round = false,
  }: { count: number; colour: string; vessel: string; round?: boolean } = $props();
  const MOST = 24;
  const shown = $derived(Math.min(count, MOST));
  const rows = $derived(Math.ceil(shown / 4));
  const spots = [12, 34, 56, 78].flatMap((x) => [12, 28, 44].map((y) => ({ x, y })));
  const inside = (x: number, y: number) => !round || (x - 45) ** 2 + (y - 28) ** 2 < 620;
</script>

<svg
  viewBox="0 0 440 {rows * 78}"
  class="w-full max-w-[30rem]"
  role="img"
  aria-label="{count} × {vessel}, one layer each"
>
  {#each { length: shown } as _, index (index)}
    <g transform="translate({(index % 4) * 110 + 4} {Math.floor(index / 4) * 78 + 4})">
      {#if round}<circle
          cx="50"
          cy="33"
          r="32"
          fill="var(--color-base-200)"
          stroke="var(--rim)"
          stroke-width="3"
        />{:else}<rect
          width="100"
          height="66"
          rx="8"
          fill="var(--color-base-200)"
          stroke="var(--rim)"
          stroke-width="3"
        />{/if}
      {#each spots.filter(({ x, y }) => inside(x, y)) as { x, y } (`${x}-${y}`)}
        <rect
          x={x - 3}
          {y}
          width="16"
          height="7"
          rx="2"
          fill={colour}
          transform="rotate({(x * y + index * 40) % 50} {x} {y})"
        />
      {/each}
    </g>
  {/each}
</svg>
{#if count > MOST}<p class="quiet">and {count - MOST} more</p>{/if}
