<script lang="ts">
  import type { Schemas } from "../../api/client";
  import { minutesOf } from "../../ui/clock";

  // One lot from the heat or the bench until it is eaten: what it is kept as, its temperature where it cools,
  // and its minutes out added up.
  let { lot }: { lot: Schemas["Lot"] } = $props();
  const LEAST = 200;
  // As wide as there is room, so that its words are never drawn small.
  let room = $state(640);
  const width = $derived(Math.max(room, LEAST));
  // Dark on every fill, in either theme.
  const INK = "#101828";
  const BAND = 22;
  const LETTER = 7.3;
  const high = $derived(lot.points ? 64 : 0);
  // A night in the cold is drawn no longer than the rest needs to be seen.
  const NIGHT = 240;
  const pieces = $derived(
    lot.path.map((each) => {
      const minutes = minutesOf(each.to) - minutesOf(each.from);
      return { ...each, minutes, drawn: Math.min(minutes, NIGHT) };
    }),
  );
  const whole = $derived(
    Math.max(
      pieces.reduce((sum, each) => sum + each.drawn, 0),
      1,
    ),
  );
  const placed = $derived(
    pieces.map((each, index) => {
      const before = pieces.slice(0, index).reduce((sum, other) => sum + other.drawn, 0);
      return { ...each, x: (before / whole) * width, width: (each.drawn / whole) * width };
    }),
  );
  const FILL = {
    cooling: "var(--color-warning)",
    cold: "var(--color-info)",
    clock: "var(--color-accent)",
    out: "var(--color-accent)",
    stable: "var(--color-base-300)",
  };
  const hottest = $derived(Math.max(...(lot.points ?? [[0, 60]]).map((point) => point[1]!)));
  const cooling = $derived(placed.find((each) => each.state === "cooling"));
  const curve = $derived(
    cooling && lot.points
      ? "M" +
          lot.points
            .map(
              ([minute, celsius]) =>
                `${cooling.x + (minute! / Math.max(cooling.minutes, 1)) * cooling.width} ` +
                `${4 + (1 - celsius! / hottest) * (high - 8)}`,
            )
            .join("L")
      : "",
  );
  const short = (iso: string) => iso.slice(11);
</script>

<div bind:clientWidth={room}>
  <svg
    viewBox="0 0 {width} {high + BAND + 18}"
    class="w-full"
    role="img"
    aria-label="{lot.name}: {lot.path
      .map((each) => `${each.name} ${short(each.from)} to ${short(each.to)}`)
      .join(', ')}; out {lot.out} of {lot.limit}"
  >
    {#each placed as each (each.from + each.state)}
      <rect
        x={each.x}
        y={high}
        width={Math.max(each.width, 2)}
        height={BAND}
        fill={FILL[each.state]}
        fill-opacity={each.state === "out" || each.state === "clock" ? 0.9 : 0.6}
        stroke="var(--color-base-100)"
      />
      {#if each.width > (each.name.length + each.text.length + 3) * LETTER}
        <text x={each.x + 6} y={high + BAND - 6} font-size="14" fill={INK}
          >{each.name}, {each.text}</text
        >
      {/if}
      {#if each.width > 40 || each.x === 0}
        <text x={each.x} y={high + BAND + 15} font-size="13" fill="var(--quiet)"
          >{short(each.from)}</text
        >
      {/if}
    {/each}
    {#if curve}
      {#each lot.limits ?? [] as [celsius, minutes] (celsius)}
        {@const x = cooling!.x + (minutes! / Math.max(cooling!.minutes, 1)) * cooling!.width}
        {@const y = 4 + (1 - celsius! / hottest) * (high - 8)}
        <path d="M{cooling!.x} {y}H{x}" stroke="var(--color-error)" stroke-dasharray="4 4" />
        <path d="M{x} {y - 6}v12" stroke="var(--color-error)" stroke-width="4" />
        {#if celsius! > 10}<text x={x + 6} y={y + 5} font-size="13" fill="var(--color-error)"
            >{celsius} °C by then</text
          >{/if}
      {/each}
      <path d={curve} fill="none" stroke="var(--rim)" stroke-width="3" />
      <text x={cooling!.x + 22} y="14" font-size="13" fill="var(--quiet)">{hottest} °C</text>
      <text x={cooling!.x + cooling!.width + 4} y={high - 14} font-size="13" fill="var(--quiet)"
        >{lot.points!.at(-1)![1]} °C</text
      >
    {/if}
  </svg>
</div>
