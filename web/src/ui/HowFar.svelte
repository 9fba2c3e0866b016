<script lang="ts">
  import type { Far } from "../api/lines";

  // How far work is that takes long, and a way to stop it.
  let { what, far, onstop }: { what: string; far: Far; onstop: () => void } = $props();
</script>

<div class="mt-2 flex flex-wrap items-center gap-3" role="status">
  <span class="grow">
    {what}{#if far}, {far.done} of {far.of}{/if} …
    <progress class="progress progress-primary mt-1 w-full" value={far?.done} max={far?.of ?? 1}
    ></progress>
  </span>
  <button class="btn btn-outline h-11" onclick={onstop}>Stop</button>
</div>
