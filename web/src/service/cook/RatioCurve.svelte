<script lang="ts">
  import type { Cooking } from "../../api/client";

  // Water per dry grain falls as the batch grows, for the pot boils off the same each time.
  let { curve }: { curve: NonNullable<Cooking["curve"]> } = $props();

  const WIDTH = 430;
  const HEIGHT = 110;
  const points = $derived(curve.points.map(([grams, ratio]) => ({ grams: grams!, ratio: ratio! })));
  const here = $derived({ grams: curve.here[0]!, ratio: curve.here[1]! });
  const most = $derived(points.at(-1)!.grams);
  const [low, high] = $derived([
    Math.min(...points.map((p) => p.ratio)),
    Math.max(...points.map((p) => p.ratio)),
  ]);
  const x = (grams: number) => 8 + (grams / most) * (WIDTH - 20);
  const y = (ratio: number) => 34 + (1 - (ratio - low) / (high - low || 1)) * (HEIGHT - 30);
  const line = $derived("M" + points.map((p) => `${x(p.grams)} ${y(p.ratio)}`).join("L"));
</script>

<figure>
  <figcaption>
    <b>Water to dry, by batch in this pot.</b>
    Multiplying up a {curve.small} batch would pour {curve.doubling}
    too much.
  </figcaption>
  <svg
    viewBox="0 0 {WIDTH} {HEIGHT + 50}"
    class="w-full max-w-[34rem]"
    role="img"
    aria-label="The ratio falls from {high} to {low} as the batch grows; this batch stands at {here.ratio}"
  >
    <path d="M8 {HEIGHT + 16}H{WIDTH - 8}" stroke="var(--quiet)" />
    <path
      d="M{x(points[0]!.grams)} {y(high)}H{x(here.grams)}V{y(here.ratio)}"
      fill="none"
      stroke="var(--color-error)"
      stroke-width="2"
      stroke-dasharray="5 4"
    />
    <path d={line} fill="none" stroke="var(--rim)" stroke-width="3.5" stroke-linejoin="round" />
    <circle cx={x(here.grams)} cy={y(here.ratio)} r="7" fill="var(--rim)" />
    <g font-size="16" fill="var(--color-base-content)">
      <text x={x(points[0]!.grams)} y={y(high) - 10}>{high.toFixed(2)} : 1</text>
      <text x={x(here.grams) - 12} y={y(here.ratio) - 12} text-anchor="end" font-weight="700"
        >{here.ratio.toFixed(2)} : 1</text
      >
      <text x={x(points[0]!.grams)} y={HEIGHT + 38} text-anchor="middle" fill="var(--quiet)"
        >{curve.small}</text
      >
      <text x={WIDTH - 8} y={HEIGHT + 38} text-anchor="end" fill="var(--quiet)">the pot full</text>
    </g>
  </svg>
</figure>
