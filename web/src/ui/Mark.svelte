<script lang="ts">
  // Meaning is never colour alone: a tick fits, a triangle asks for a look, a bar stops.
  let { kind }: { kind: "fits" | "look" | "stop" } = $props();
  const tone = $derived({ fits: "text-success", look: "text-warning", stop: "text-error" }[kind]);
  const shape = $derived(
    { fits: "M2 9l4 4 8-10", look: "M8 1.5 15 14.5H1z", stop: "M2 5.5h12v5H2z" }[kind],
  );
</script>

<svg class="inline-block shrink-0 {tone}" width="16" height="16" viewBox="0 0 16 16" aria-hidden="true">
  <path
    d={shape}
    fill={kind === "fits" ? "none" : "currentColor"}
    stroke="currentColor"
    stroke-width={kind === "fits" ? 2.5 : 0}
  />
</svg>
