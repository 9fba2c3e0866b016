<script lang="ts">
  import type { Row } from "./lists";

  // The kitchen's vessels side by side, all to one scale: pots from the side, trays and pans from
  // above, bowls by what they hold, ovens by their shelves.
  let { kind, rows }: { kind: string; rows: Row[] } = $props();

  const SCALE = 2; // pixels for a centimetre
  const GAP = 26;
  const size = (row: Row, name: string) => Math.max(Number(row[name]) || 0, 1) * SCALE;
  // A bowl as half a sphere: litres to centimetres across.
  const across = (row: Row) =>
    2 * Math.cbrt((3 * Math.max(Number(row.litres) || 0, 0.1) * 1000) / (2 * Math.PI)) * SCALE;

  const drawn = $derived(
    rows.map((row) => {
      if (kind === "pots") return { width: size(row, "diameter_cm"), height: size(row, "height_cm") };
      if (kind === "trays") return { width: size(row, "length_cm"), height: size(row, "width_cm") };
      if (kind === "pans") return { width: size(row, "diameter_cm"), height: size(row, "diameter_cm") };
      if (kind === "bowls") return { width: across(row), height: across(row) / 2 };
      return { width: 90, height: Math.min(Number(row.positions) || 1, 20) * 9 + 14 };
    }),
  );
  const height = $derived(Math.max(...drawn.map((each) => each.height)));
  const placed = $derived(
    drawn.map((each, index) => ({
      ...each,
      x: drawn.slice(0, index).reduce((sum, other) => sum + other.width + GAP, 16),
      y: height - each.height + 8,
    })),
  );
  const width = $derived(placed.reduce((sum, each) => Math.max(sum, each.x + each.width + 16), 0));
</script>

<div class="overflow-x-auto">
  <svg
    {width}
    height={height + 16}
    class="my-2"
    role="img"
    aria-label="{kind} to scale"
    fill="none"
    stroke="var(--rim)"
    stroke-width="4"
    stroke-linejoin="round"
  >
    {#each placed as { x, y, width: wide, height: high }, index (index)}
      {#if kind === "pots"}
        <path d="M{x} {y}v{high}h{wide}v{-high}" fill="var(--color-base-200)" />
        <path d="M{x - 2} {y + 8}h-8v12h8M{x + wide + 2} {y + 8}h8v12h-8" />
      {:else if kind === "trays"}
        <rect {x} {y} width={wide} height={high} rx="6" fill="var(--color-base-200)" />
      {:else if kind === "pans"}
        <circle cx={x + wide / 2} cy={y + high / 2} r={wide / 2} fill="var(--color-base-200)" />
      {:else if kind === "bowls"}
        <path d="M{x} {y}a{wide / 2} {high} 0 0 0 {wide} 0z" fill="var(--color-base-200)" />
      {:else}
        <rect {x} {y} width={wide} height={high} rx="4" fill="var(--color-base-200)" />
        {#each { length: Math.floor((high - 14) / 9) } as _, shelf (shelf)}<path
            d="M{x + 8} {y + 11 + shelf * 9}h{wide - 16}"
            stroke-width="2"
          />{/each}
      {/if}
    {/each}
  </svg>
</div>
