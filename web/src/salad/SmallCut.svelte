<script lang="ts">
  // A salad to be told apart at a glance: one portion cut through, small.
  let { layers, id }: { layers: { name: string; colour: string; ml: number }[]; id: string } = $props();
  const HEIGHT = 92;
  const total = $derived(layers.reduce((sum, layer) => sum + layer.ml, 0));
  const bands = $derived(
    layers
      .toReversed()
      .reduce<{ name: string; colour: string; y: number; height: number }[]>(
        (done, { name, colour, ml }) => {
          const last = done.at(-1);
          return [
            ...done,
            { name, colour, y: last ? last.y + last.height : 2, height: (ml / total) * (HEIGHT - 4) },
          ];
        },
        [],
      ),
  );
</script>

<svg
  width="120"
  height={HEIGHT}
  viewBox="0 0 120 {HEIGHT}"
  class="shrink-0"
  role="img"
  aria-label="From the top: {bands.map((band) => band.name).join(', ')}"
>
  <clipPath id="small-{id}"
    ><path d="M3 2V{HEIGHT - 24}a22 22 0 0 0 22 22H95a22 22 0 0 0 22 -22V2z" /></clipPath
  >
  <g clip-path="url(#small-{id})">
    {#each bands as band, index (index)}
      <rect x="0" y={band.y} width="120" height={band.height} fill={band.colour} />
      <path d="M0 {band.y}H120" stroke="var(--color-base-100)" />
    {/each}
  </g>
  <path
    d="M3 0V{HEIGHT - 24}a22 22 0 0 0 22 22H95a22 22 0 0 0 22 -22V0"
    fill="none"
    stroke="var(--rim)"
    stroke-width="4"
    stroke-linecap="round"
  />
</svg>
