<script lang="ts">
  import { clockOf } from "../../ui/clock";
  import { hoursOf, type Axis, type Stretch } from "./strands";

  // Behind what is drawn of a day: its hours, and where it is now.
  let { stretches, axis, now }: { stretches: Stretch[]; axis: Axis; now: number | undefined } =
    $props();
  const APART = 52;
</script>

{#each hoursOf(stretches, APART) as mark (mark)}
  <div
    class="border-base-300 absolute bottom-0 border-l"
    style:left="{axis.x(mark)}px"
    style:top="18px"
  ></div>
  <span class="quiet absolute top-0 -translate-x-1/2 text-sm tabular-nums" style:left="{axis.x(mark)}px"
    >{clockOf(mark)}</span
  >
{/each}
{#if now !== undefined && now >= axis.first && now <= axis.last}
  <div class="border-error absolute top-4 bottom-0 z-20 border-l-4" style:left="{axis.x(now)}px">
    <span class="bg-error text-error-content absolute top-0 left-0 px-1 text-sm font-bold"
      >{clockOf(now)}</span
    >
  </div>
{/if}
