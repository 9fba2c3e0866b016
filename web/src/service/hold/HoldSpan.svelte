<script lang="ts">
  import type { Schemas } from "../../api/client";
  import { minutesOf } from "../../ui/clock";
  import type { Roster } from "../day/day.svelte";

  // Two days and the service day in a line: from the earliest it may be ready to its use, when it is
  // ready as planned, and the service.
  let { line, roster }: { line: Schemas["AheadLine"]; roster: Roster } = $props();
  const WIDTH = 300;
  const DAY = 1440;
  const to = $derived(minutesOf(`${roster.service.date}T00:00`) + DAY);
  const from = $derived(to - 3 * DAY);
  const x = (moment: string) => Math.max(((minutesOf(moment) - from) / (to - from)) * WIDTH, 0);
  const service = $derived([x(roster.service.from), x(roster.service.to)] as const);
</script>

<svg
  viewBox="0 0 {WIDTH} 26"
  class="h-7 w-full"
  preserveAspectRatio="none"
  role="img"
  aria-label="{line.name}: ready between {line.earliest} and its use at {line.used}"
>
  {#each [1, 2] as day (day)}<path
      d="M{(WIDTH / 3) * day} 0v26"
      stroke="var(--color-base-300)"
      vector-effect="non-scaling-stroke"
    />{/each}
  <path d="M0 13h{WIDTH}" stroke="var(--color-base-300)" vector-effect="non-scaling-stroke" />
  <rect
    x={x(line.earliest_at)}
    y="7"
    width={Math.max(service[0] - x(line.earliest_at), 2)}
    height="12"
    rx="3"
    fill="var(--color-success)"
    fill-opacity="0.35"
    stroke="var(--color-success)"
    vector-effect="non-scaling-stroke"
  />
  <rect
    x={service[0]}
    y="2"
    width={Math.max(service[1] - service[0], 3)}
    height="22"
    fill="var(--color-accent)"
  />
  <path
    d="M{x(line.ready_at)} 0v26"
    stroke="var(--rim)"
    stroke-width="4"
    vector-effect="non-scaling-stroke"
  />
</svg>
