<script lang="ts">
  import type { Portion } from "../api/client";

  // One portion cut through: each layer as high as its volume, tied to its row beside it.
  // rows: the rows' order from the top, with the dressing last, each `row` px high.
  let { portion, row, leads = true }: { portion: Portion; row: number; leads?: boolean } = $props();

  const BOWL = 190;
  const WIDTH = $derived(leads ? 270 : BOWL);
  const PAD = 4;
  const layers = $derived([
    ...portion.layers.toReversed().map((layer) => ({ name: layer.name, colour: layer.colour, ml: Number(layer.ml.value) })),
    { name: portion.dressing_name ?? "Dressing", colour: "var(--dressing)", ml: Number(portion.dressing_ml.value) },
  ]);
  const height = $derived(layers.length * row);
  const total = $derived(layers.reduce((sum, layer) => sum + layer.ml, 0));
  const scale = $derived((height - 2 * PAD) / total);
  const bands = $derived(
    layers.reduce<{ name: string; colour: string; y: number; height: number }[]>((done, { name, colour, ml }) => {
      const last = done.at(-1);
      return [...done, { name, colour, y: last ? last.y + last.height : PAD, height: ml * scale }];
    }, []),
  );
</script>

<svg width={WIDTH} {height} viewBox="0 0 {WIDTH} {height}" role="img" aria-label="One portion cut through: {layers.map((layer) => layer.name).join(', ')} from the top">
  <clipPath id="bowl-{portion.salad}-{row}"><path d="M3 {PAD}V{height - 34}a30 30 0 0 0 30 30H{BOWL - 33}a30 30 0 0 0 30 -30V{PAD}z" /></clipPath>
  <g clip-path="url(#bowl-{portion.salad}-{row})">
    {#each bands as band (band.name)}
      <rect x="0" y={band.y} width={BOWL} height={band.height} fill={band.colour} />
      <path d="M0 {band.y}H{BOWL}" stroke="var(--color-base-100)" stroke-width="1.5" />
    {/each}
  </g>
  <path d="M3 0V{height - 34}a30 30 0 0 0 30 30H{BOWL - 33}a30 30 0 0 0 30 -30V0" fill="none" stroke="var(--rim)" stroke-width="5" stroke-linecap="round" />
  {#each leads ? bands : [] as band, index (band.name)}
    <path d="M{BOWL + 2} {band.y + band.height / 2}L{WIDTH - 22} {(index + 0.5) * row}H{WIDTH}" fill="none" stroke="var(--quiet)" stroke-width="1.5" />
  {/each}
</svg>
