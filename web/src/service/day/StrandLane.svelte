<script lang="ts">
  import { clockOf } from "../../ui/clock";
  import type { Bar, Lane } from "./lanes";
  import type { Mover } from "./mover.svelte";
  import StrandBar from "./StrandBar.svelte";
  import { placed, type Axis, type Piece } from "./strands";

  // A lane of the day: a cook's hours, what other services have of her, and what she does; or a piece of
  // equipment, in as many rows as it takes at once.
  let {
    lane,
    axis,
    top,
    height,
    mover,
  }: { lane: Lane; axis: Axis; top: number; height: number; mover: Mover } = $props();

  const LETTER = 7;
  const cook = $derived(lane.kind === "cook");
  const busy = $derived(lane.busy.filter((other) => other.to > axis.first && other.from < axis.last));
  const open = $derived(cook ? lane.open.filter(([, closes]) => closes > axis.first) : []);
  const left = (minute: number) => axis.x(Math.max(minute, axis.first));
  const piece = (bar: Bar): Piece => ({
    task: bar.task,
    from: bar.from,
    to: bar.to,
    kind: bar.hands ? "hands" : "waits",
    cook: undefined,
  });
  const food = (bar: Bar) => bar.task.name.split(":")[0]!.split(",")[0]!;
  const words = (bar: Bar) =>
    ["break", "clear"].includes(bar.task.stage) ? bar.task.stage : food(bar);
</script>

{#each open as [opens, closes] (opens)}<div
    class="bg-base-200 absolute rounded-sm"
    style:left="{left(opens)}px"
    style:width="{axis.x(closes) - left(opens)}px"
    style:top="{top}px"
    style:height="{height}px"
  ></div>{/each}
{#each busy as other (`${other.name} ${other.from}`)}<div
    class={[
      "border-base-content/40 bg-base-300 text-base-content absolute overflow-hidden",
      "rounded-sm border-2 border-dashed text-xs whitespace-nowrap",
    ]}
    style:left="{left(other.from)}px"
    style:width="{Math.max(axis.x(other.to) - left(other.from) - 1, 3)}px"
    style:top="{top}px"
    style:height="{height}px"
    title="{other.name}, {clockOf(other.from)} to {clockOf(other.to)}"
  >
    {#if axis.x(other.to) - left(other.from) > other.name.length * LETTER}{other.name}{/if}
  </div>{/each}
{#each lane.bars.filter((bar) => bar.to > axis.first) as bar (`${bar.task.key} ${bar.from}`)}<StrandBar
    piece={piece(bar)}
    {mover}
    place={placed(axis, piece(bar), mover.shift(bar.task), top + bar.row * height, height)}
    edge={cook ? (bar.task.colour ?? undefined) : undefined}
    colour={cook ? undefined : (bar.task.colour ?? undefined)}
    text={words(bar)}
    where={lane.name}
  />{/each}
