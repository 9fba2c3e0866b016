<script lang="ts">
  import type { Cooking } from "../../api/client";

  // The minutes in the order they pass, hands on solid and unattended hatched. Short stretches are
  // drawn wide enough to be seen; the words below carry the minutes.
  let { stretches, id }: { stretches: Cooking["stretches"]; id: string } = $props();

  const WIDTH = 600;
  const LEAST = 14;
  const total = $derived(stretches.reduce((sum, each) => sum + each.minutes, 0));
  const raw = $derived(stretches.map((each) => Math.max((each.minutes / total) * WIDTH, LEAST)));
  const scale = $derived(WIDTH / raw.reduce((sum, each) => sum + each, 0));
  const bars = $derived(
    stretches.map((each, index) => ({
      ...each,
      width: raw[index]! * scale,
      x: raw.slice(0, index).reduce((sum, other) => sum + other, 0) * scale,
    })),
  );
</script>

<figure class="mt-4" aria-label="Minutes in order">
  <svg viewBox="0 0 {WIDTH} 34" preserveAspectRatio="none" class="h-8 w-full" aria-hidden="true">
    <pattern
      id="wait-{id}"
      width="8"
      height="8"
      patternUnits="userSpaceOnUse"
      patternTransform="rotate(45)"
      ><rect width="3" height="8" fill="var(--rim)" fill-opacity="0.35" /></pattern
    >
    {#each bars as bar, index (index)}
      <rect
        x={bar.x + 1}
        y="1"
        width={Math.max(bar.width - 2, 2)}
        height="32"
        rx="4"
        fill={bar.hands ? "var(--rim)" : `url(#wait-${id})`}
        stroke="var(--rim)"
        stroke-width="1.5"
        vector-effect="non-scaling-stroke"
      />
    {/each}
  </svg>
  <figcaption class="mt-1 flex flex-wrap gap-x-4">
    {#each stretches as each, index (index)}<span class={each.hands ? "font-bold" : "quiet"}
        >{each.name} {each.text}</span
      >{/each}
    <span class="quiet">· solid is hands on, hatched waits</span>
  </figcaption>
</figure>
