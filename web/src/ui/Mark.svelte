<script lang="ts">
  // Meaning is never colour alone: a tick fits, a triangle asks for a look, a bar stops, a ring is to be
  // minded.
  let { kind }: { kind: "fits" | "look" | "stop" | "mind" } = $props();
  const tone = $derived(
    { fits: "text-success", look: "text-warning", stop: "text-error", mind: "" }[kind],
  );
  const shape = $derived(
    {
      fits: "M2 9l4 4 8-10",
      look: "M8 1.5 15 14.5H1z",
      stop: "M2 5.5h12v5H2z",
      mind: "M8 3.5a4.5 4.5 0 1 0 0 9a4.5 4.5 0 1 0 0-9",
    }[kind],
  );
  const outline = $derived(kind === "fits" || kind === "mind");
</script>

<svg class="inline-block shrink-0 {tone}" width="16" height="16" viewBox="0 0 16 16" aria-hidden="true">
  <path
    d={shape}
    fill={outline ? "none" : "currentColor"}
    stroke="currentColor"
    stroke-width={outline ? 2.5 : 0}
  />
</svg>
