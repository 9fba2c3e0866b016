<script lang="ts">
  import { clockOf } from "../../ui/clock";

  // How long one preparation waits once it is ready, within how long it keeps; all in minutes.
  type Ribbon = { name: string; used: number; keeps: string; from: number; to: number };
  let {
    ribbon,
    height,
    x,
    until,
  }: { ribbon: Ribbon; height: number; x: (minute: number) => number; until: number } = $props();

  const span = (to: number) => Math.max(x(to) - x(ribbon.from), 0);
</script>

<div
  class="border-base-300 relative border-t"
  style:height="{height}px"
  role="img"
  aria-label="{ribbon.name}: ready {clockOf(ribbon.from)}, used {clockOf(
    ribbon.used,
  )}, keeps {ribbon.keeps}"
>
  <div
    class="bg-success/25 border-success absolute inset-y-1 rounded-r-full border-y border-r"
    style:left="{x(ribbon.from)}px"
    style:width="{span(Math.min(ribbon.to, until))}px"
  ></div>
  <div
    class="bg-success absolute inset-y-1"
    style:left="{x(ribbon.from)}px"
    style:width="{span(ribbon.used)}px"
  ></div>
</div>
