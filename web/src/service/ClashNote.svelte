<script lang="ts">
  import type { Desk } from "./desk.svelte";

  let { desk }: { desk: Desk } = $props();
  const clash = $derived(desk.clash!);
</script>

<div
  class="border-warning bg-base-100 mb-3 flex flex-wrap items-center gap-3 rounded-lg border-2 p-3"
  role="alert"
>
  <p class="grow">
    <b>This service was changed elsewhere since you opened it.</b>
    There it now stands at {clash.theirs.covers} covers. Yours: {clash.mine.at.split("/").slice(-1)[0]}
    {clash.mine.value}.
  </p>
  <button class="btn btn-primary h-11" onclick={() => desk.settle(true)}>Use mine</button>
  <button class="btn btn-outline h-11" onclick={() => desk.settle(false)}>Keep theirs</button>
</div>
