<script lang="ts">
  import { getContext } from "svelte";
  import type { Figure } from "../api/client";
  import type { Explains } from "./explains";

  // A number with its unit, and the way to its working. size: how big it stands on its line.
  let { of, size = "text-xl", label }: { of: Figure; size?: string; label?: string } = $props();
  const desk = getContext<() => Explains>("desk")();
</script>

<button
  class="figure {size}"
  data-at={of.at}
  title="Open the working"
  aria-label={label ? `${label}: ${of.text}` : undefined}
  onclick={() => desk.explain(of.at)}>{of.text}</button
>
