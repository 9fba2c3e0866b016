<script lang="ts">
  import type { CoolDown } from "../../api/client";

  // The middle of the layer as it cools, and the two corners of the house rules it must pass below.
  let { chosen }: { chosen: CoolDown["chosen"] } = $props();

  const WIDTH = 430;
  const HEIGHT = 170;
  const LEFT = 46;
  const last = $derived(chosen.limits.at(-1)!.minutes + 30);
  const x = (minutes: number) => LEFT + (minutes / last) * (WIDTH - LEFT - 10);
  const y = (celsius: number) => 10 + (1 - celsius / chosen.start) * (HEIGHT - 10);
  const line = $derived(
    "M" + chosen.points.map(([minutes, celsius]) => `${x(minutes!)} ${y(celsius!)}`).join("L"),
  );
  const hours = $derived(Array.from({ length: Math.floor(last / 60) + 1 }, (_, hour) => hour));
</script>

<svg
  viewBox="0 0 {WIDTH} {HEIGHT + 30}"
  class="w-full max-w-[34rem]"
  role="img"
  aria-label="Cooling {chosen.depth_cm} cm deep: {chosen.miss ?? 'meets both limits'}"
>
  {#each hours as hour (hour)}
    <path d="M{x(hour * 60)} 10V{HEIGHT}" stroke="var(--color-base-300)" />
    <text x={x(hour * 60)} y={HEIGHT + 22} text-anchor="middle" font-size="15" fill="var(--quiet)"
      >{hour} h</text
    >
  {/each}
  {#each chosen.limits as limit (limit.celsius)}
    <path
      d="M{x(limit.minutes)} {y(limit.celsius)}H{WIDTH - 10}V10H{x(limit.minutes)}z"
      fill="var(--color-error)"
      fill-opacity="0.1"
    />
    <path
      d="M{LEFT} {y(limit.celsius)}H{WIDTH - 10}"
      stroke="var(--color-error)"
      stroke-dasharray="5 4"
    />
    <path
      d="M{x(limit.minutes)} {y(limit.celsius) - 12}v24"
      stroke="var(--color-error)"
      stroke-width="4"
    />
    <text
      x={LEFT - 6}
      y={y(limit.celsius) + 5}
      text-anchor="end"
      font-size="15"
      fill="var(--color-base-content)">{limit.celsius} °C</text
    >
  {/each}
  <text x={LEFT - 6} y="20" text-anchor="end" font-size="15" fill="var(--color-base-content)"
    >{chosen.start} °C</text
  >
  <path d={line} fill="none" stroke="var(--rim)" stroke-width="3.5" />
</svg>
