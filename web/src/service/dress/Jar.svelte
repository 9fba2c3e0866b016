<script lang="ts">
  import type { DressingBatch } from "../../api/client";

  // The formula as heights in a straight jar, by volume.
  let { batch }: { batch: DressingBatch } = $props();
  const HEIGHT = 230;
  const total = $derived(batch.parts.reduce((sum, part) => sum + Number(part.ml.value), 0));
  const bands = $derived(
    batch.parts.reduce<{ name: string; colour: string; y: number; height: number }[]>((done, part) => {
      const height = (Number(part.ml.value) / total) * HEIGHT;
      const floor = done.at(-1)?.y ?? HEIGHT + 8;
      return [...done, { name: part.name, colour: part.colour, y: floor - height, height }];
    }, []),
  );
</script>

<svg
  width="96"
  height={HEIGHT + 14}
  viewBox="0 0 96 {HEIGHT + 14}"
  role="img"
  aria-label="The dressing as heights in a jar: {batch.fat_to_acid.text} fat to acid"
>
  {#each bands as band, index (index)}
    <rect x="6" y={band.y} width="84" height={band.height} fill={band.colour} />
    <path d="M6 {band.y}h84" stroke="var(--color-base-100)" />
  {/each}
  <path
    d="M4 4V{HEIGHT + 2}a8 8 0 0 0 8 8H84a8 8 0 0 0 8 -8V4"
    fill="none"
    stroke="var(--rim)"
    stroke-width="5"
    stroke-linecap="round"
  />
</svg>
