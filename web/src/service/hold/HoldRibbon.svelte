<script lang="ts">
  import type { HoldWindow, Plan, Schemas } from "../../api/client";

  // The service day: when to dress, once or for each wave, how long it is at its best, and when it must go.
  let {
    hold,
    service,
    waves,
  }: { hold: HoldWindow; service: Plan["service"]; waves: Schemas["Waves"]["list"] } = $props();

  let wide = $state(760);
  const WIDTH = $derived(Math.max(wide - 46, 240));
  const minutes = (iso: string | number) => new Date(String(iso)).getTime() / 60000;
  const from = $derived(minutes(`${service.date}T${service.from}`));
  const to = $derived(minutes(`${service.date}T${service.to}`));
  const clip = (at: number) =>
    Math.min(Math.max(at, from - 240), Math.max(minutes(hold.discard_by.value), to) + 30);
  const today = (clock: string | undefined) => minutes(`${service.date}T${clock}`);
  const spans = $derived(
    waves.length > 0
      ? waves.map((wave) => ({
          dress: [today(wave.dress_from), today(wave.dress_by)],
          best: [today(wave.from), today(wave.to)],
        }))
      : [
          {
            dress: [minutes(hold.dress_from.value), minutes(hold.dress_by.value)],
            best: [minutes(hold.dress_at.value), minutes(hold.best_until.value)],
          },
        ],
  );
  const start = $derived(clip(Math.min(...spans[0]!.dress)) - 20);
  const end = $derived(clip(Infinity) + 20);
  const x = (at: number) => ((clip(at) - start) / (end - start)) * WIDTH;
  const span = ([a, b]: number[]) => ({ x: x(a!), width: Math.max(x(b!) - x(a!), 2) });
  // So many hours apart that their times stand clear of each other.
  const apart = $derived(Math.ceil((52 * (end - start)) / (60 * WIDTH)) * 60);
  const hours = $derived(
    Array.from(
      { length: Math.ceil((end - start) / apart) + 1 },
      (_, index) => Math.ceil(start / 60) * 60 + index * apart,
    ).filter((at) => at < end),
  );
  const clock = (at: number) => new Date(at * 60000).toTimeString().slice(0, 5);
  const open = $derived(span([from, to]));
  const roomy = $derived(open.width > 76);
  const said = $derived(
    waves.length > 0
      ? waves
          .map(
            (wave) =>
              `Wave ${wave.number}: dress ${wave.dress_from} to ${wave.dress_by}, ` +
              `goes out ${wave.from} to ${wave.to}`,
          )
          .join("; ")
      : `Dress ${hold.dress_from.text} to ${hold.dress_by.text}, best until ${hold.best_until.text}`,
  );
  const gone = $derived(x(minutes(hold.discard_by.value)));
</script>

<div class="max-w-[72rem]" bind:clientWidth={wide}>
  <svg
    viewBox="-6 0 {WIDTH + 40} 178"
    width={WIDTH + 46}
    height="178"
    role="img"
    aria-label="{said}, discard by {hold.discard_by.text}"
  >
    <g font-size="16" fill="var(--color-base-content)">
      {#each hours as hour (hour)}
        <path d="M{x(hour)} 0V150" stroke="var(--color-base-300)" />
        <text x={x(hour)} y="170" text-anchor="middle" fill="var(--quiet)">{clock(hour)}</text>
      {/each}
      {#each spans as { dress, best }, index (index)}
        <rect
          {...span(dress)}
          y="6"
          height="36"
          rx="6"
          fill="var(--color-success)"
          fill-opacity="0.35"
          stroke="var(--color-success)"
          stroke-width="2"
        />
        <rect
          {...span(best)}
          y="54"
          height="36"
          rx="6"
          fill="var(--water)"
          stroke="var(--rim)"
          stroke-width="2"
        />
        <text x={span(best).x + 8} y="78" font-weight="700"
          >{waves.length > 0 ? index + 1 : "at its best"}</text
        >
      {/each}
      <text
        x={span(spans[0]!.dress).x + (waves.length > 0 ? -8 : 8)}
        y="30"
        text-anchor={waves.length > 0 ? "end" : "start"}
        font-weight="700">dress</text
      >
      <rect {...open} y="102" height="36" rx="6" fill="var(--rim)" />
      <text
        x={open.x + (roomy ? 8 : -8)}
        y="126"
        text-anchor={roomy ? "start" : "end"}
        font-weight="700"
        fill="var(--color-base-{roomy ? 100 : 'content'})">service</text
      >
      <path d="M{gone} 0V150" stroke="var(--color-error)" stroke-width="5" />
      <text x={gone - 8} y="126" text-anchor="end" font-weight="700" fill="var(--color-error)"
        >discard</text
      >
    </g>
  </svg>
</div>
