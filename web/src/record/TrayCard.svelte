<script lang="ts">
  import type { Schemas } from "../api/client";
  import Mark from "../ui/Mark.svelte";

  // A tray that cools: its readings on the curve that they make likely, the corners it must pass below, and
  // what to do where it would not.
  let { tray }: { tray: Schemas["CoolingTray"] } = $props();
  const WIDTH = 430;
  const HEIGHT = 150;
  const LEFT = 46;
  const last = $derived(tray.limits.at(-1)![1]! + 30);
  const top = $derived(Math.max(...tray.curve.map(([, celsius]) => celsius!), 60) + 3);
  const x = (minutes: number) => LEFT + (Math.min(minutes, last) / last) * (WIDTH - LEFT - 8);
  const y = (celsius: number) => 6 + (1 - Math.max(celsius, 0) / top) * (HEIGHT - 6);
  const line = $derived("M" + tray.curve.map(([at, celsius]) => `${x(at!)} ${y(celsius!)}`).join("L"));
</script>

<div class="border-base-300 rounded border p-2" role="group" aria-label="{tray.name} cools">
  <svg
    viewBox="0 0 {WIDTH} {HEIGHT + 20}"
    class="w-full max-w-[34rem]"
    role="img"
    aria-label="{tray.name}, {tray.depth_cm} cm deep: {tray.passings
      .map((each) => each.said)
      .join('; ')}"
  >
    {#each tray.limits as [celsius, minutes], index (celsius)}
      <path
        d="M{x(minutes!)} {y(celsius!)}H{WIDTH - 8}V6H{x(minutes!)}z"
        fill="var(--color-error)"
        fill-opacity="0.1"
      />
      <path d="M{LEFT} {y(celsius!)}H{WIDTH - 8}" stroke="var(--color-error)" stroke-dasharray="5 4" />
      <text x={LEFT - 4} y={y(celsius!) + 5} text-anchor="end" font-size="14" fill="currentColor"
        >{tray.passings[index]?.text}</text
      >
      <text x={x(minutes!)} y={HEIGHT + 16} text-anchor="middle" font-size="14" fill="currentColor"
        >{minutes! / 60} h</text
      >
    {/each}
    <path d={line} fill="none" stroke="var(--rim)" stroke-width="3" stroke-dasharray="2 3" />
    {#each tray.readings as [at, celsius], index (index)}<circle
        cx={x(at!)}
        cy={y(celsius!)}
        r="5"
        fill="var(--rim)"
      />{/each}
    <path d="M{x(tray.minutes)} 6V{HEIGHT}" stroke="var(--color-accent)" stroke-width="2" />
  </svg>
  {#each tray.passings as passing (passing.celsius)}<p>{passing.said}.</p>{/each}
  {#if tray.called}<p class="flex items-start gap-2 font-bold">
      <span class="mt-1"><Mark kind="look" /></span><span>{tray.do}</span>
    </p>{/if}
  <p class="quiet">Read it again at {tray.next.slice(11)}.</p>
</div>
