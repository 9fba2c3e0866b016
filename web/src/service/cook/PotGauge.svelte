<script lang="ts">
  import type { Cooking } from "../../api/client";
  import { amount, text } from "./cooking";

  // The pot to scale, with the dry grain, the water line and the level when cooked, in cm.
  let { batch }: { batch: Cooking } = $props();

  const LEFT = 60;
  const TOP = 14;
  const pot = $derived(batch.pot!);
  // Pixels per cm, so that the pot fills the frame.
  const scale = $derived(Math.min(320 / pot.diameter_cm, 260 / pot.height_cm));
  const width = $derived(pot.diameter_cm * scale);
  const height = $derived(pot.height_cm * scale);
  const floor = $derived(TOP + height);
  const y = (cm: number) => floor - cm * scale;
  const ticks = $derived(
    Array.from({ length: Math.floor(pot.height_cm / 5) + 1 }, (_, index) => index * 5),
  );
  const grain = $derived(amount(batch, "grain_cm"));
  const water = $derived(amount(batch, "water_line_cm"));
  const cooked = $derived(amount(batch, "cooked_line_cm"));
  const food = $derived(batch.picture.food ?? "raw");
  const limit = $derived(y(pot.height_cm * (batch.most_full ?? 1)));
</script>

<svg
  viewBox="0 0 {LEFT + width + 150} {floor + 16}"
  class="w-full max-w-[34rem]"
  role="img"
  aria-label="{pot.name}: {food} {text(batch, 'grain_cm')}, water line {text(batch, 'water_line_cm')}"
>
  <rect x={LEFT} y={y(water)} {width} height={water * scale} fill="var(--water)" />
  <rect x={LEFT} y={y(grain)} {width} height={grain * scale} fill={batch.colour} />
  <path d="M{LEFT} {y(water)}h{width}" stroke="var(--rim)" stroke-width="3" stroke-dasharray="10 6" />
  {#if cooked > 0}<path
      d="M{LEFT} {y(cooked)}h{width}"
      stroke="var(--color-warning)"
      stroke-width="3"
      stroke-dasharray="3 6"
    />{/if}
  <path d="M{LEFT + 4} {limit}h18m{width - 44} 0h18" stroke="var(--color-error)" stroke-width="4" />
  <path
    d="M{LEFT} {TOP}V{floor}H{LEFT + width}V{TOP}"
    fill="none"
    stroke="var(--rim)"
    stroke-width="7"
    stroke-linejoin="round"
    stroke-linecap="round"
  />
  <path
    d="M{LEFT - 6} {TOP + 24}h-22v30h22M{LEFT + width + 6} {TOP + 24}h22v30h-22"
    fill="none"
    stroke="var(--rim)"
    stroke-width="6"
  />
  {#if Math.abs(limit - y(Math.max(cooked, water))) > 34 && limit > 24}<text
      x={LEFT + width / 2}
      y={limit + 5}
      text-anchor="middle"
      font-size="15"
      fill="var(--quiet)">no fuller than this</text
    >{/if}
  <g font-size="17" fill="var(--color-base-content)">
    <text
      x={LEFT + width / 2}
      y={(water - grain) * scale < 36 ? y(water) - 10 : y(water) + 26}
      text-anchor="middle"
      font-weight="700"
      font-size="20">water line {text(batch, "water_line_cm")}</text
    >
    <text x={LEFT + width / 2} y={y(grain / 2) + 6} text-anchor="middle" class="on-food"
      >{food} {text(batch, "grain_cm")}</text
    >
    {#if cooked > 0}<text x={LEFT + width / 2} y={y(cooked) - 8} text-anchor="middle"
        >cooked level {text(batch, "cooked_line_cm")}</text
      >{/if}
  </g>
  <g
    transform="translate({LEFT + width + 52} 0)"
    stroke="var(--quiet)"
    stroke-width="1.5"
    font-size="16"
  >
    <path d="M0 {TOP}V{floor}" />
    {#each ticks as tick (tick)}
      <path d="M0 {y(tick)}h8" />
      <text x="14" y={y(tick) + 5} fill="var(--quiet)" stroke="none"
        >{tick}{tick === 0 ? " cm" : ""}</text
      >
    {/each}
  </g>
</svg>
