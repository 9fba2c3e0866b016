<script lang="ts">
  import type { Portion } from "../../api/client";

  // One portion cut through: each layer as high as its volume, tied to its row beside it.
  // rows: the rows' order from the top, with the dressing last, each `row` px high.
  // onpull: a layer may be pulled up for more of it, or down for less.
  let {
    portion,
    row,
    leads = true,
    onpull,
  }: {
    portion: Portion;
    row: number;
    leads?: boolean;
    onpull?: (layer: number, grams: number) => void;
  } = $props();

  const BOWL = 190;
  const WIDTH = $derived(leads ? 270 : BOWL);
  const PAD = 4;
  const layers = $derived([
    ...portion.layers
      .toReversed()
      .map((layer) => ({ name: layer.name, colour: layer.colour, ml: Number(layer.ml.value) })),
    {
      name: portion.dressing_name ?? "Dressing",
      colour: "var(--dressing)",
      ml: Number(portion.dressing_ml.value),
    },
  ]);
  const height = $derived(layers.length * row);
  const total = $derived(layers.reduce((sum, layer) => sum + layer.ml, 0));
  const scale = $derived((height - 2 * PAD) / total);
  const bands = $derived(
    layers.reduce<{ name: string; colour: string; y: number; height: number }[]>(
      (done, { name, colour, ml }) => {
        const last = done.at(-1);
        return [...done, { name, colour, y: last ? last.y + last.height : PAD, height: ml * scale }];
      },
      [],
    ),
  );

  // Which layer is pulled, from where, and how far; upwards is more.
  let pull = $state<{ index: number; from: number; by: number }>();
  const pulled = $derived(pull && portion.layers.toReversed()[pull.index]);
  const grams = $derived(
    pull && pulled
      ? Math.max(
          Math.round(
            Number(pulled.grams.value) * (1 + pull.by / Math.max(bands[pull.index]!.height, 3)),
          ),
          1,
        )
      : 0,
  );

  function start(event: PointerEvent, index: number): void {
    (event.currentTarget as Element).setPointerCapture(event.pointerId);
    pull = { index, from: event.clientY, by: 0 };
  }

  function end(): void {
    if (pull && pull.by !== 0) onpull?.(portion.layers.length - 1 - pull.index, grams);
    pull = undefined;
  }
</script>

<svg
  width={WIDTH}
  {height}
  viewBox="0 0 {WIDTH} {height}"
  role="img"
  aria-label="One portion cut through: {layers.map((layer) => layer.name).join(', ')} from the top"
>
  <clipPath id="bowl-{portion.salad}-{row}"
    ><path
      d="M3 {PAD}V{height - 34}a30 30 0 0 0 30 30H{BOWL - 33}a30 30 0 0 0 30 -30V{PAD}z"
    /></clipPath
  >
  <g clip-path="url(#bowl-{portion.salad}-{row})">
    {#each bands as band, index (index)}
      <rect x="0" y={band.y} width={BOWL} height={band.height} fill={band.colour} />
      <path d="M0 {band.y}H{BOWL}" stroke="var(--color-base-100)" stroke-width="1.5" />
    {/each}
  </g>
  <path
    d="M3 0V{height - 34}a30 30 0 0 0 30 30H{BOWL - 33}a30 30 0 0 0 30 -30V0"
    fill="none"
    stroke="var(--rim)"
    stroke-width="5"
    stroke-linecap="round"
  />
  {#if onpull}
    {#each bands.slice(0, -1) as band, index (index)}
      <rect
        x="0"
        y={band.y}
        width={BOWL}
        height={Math.max(band.height, 8)}
        fill="transparent"
        class="cursor-ns-resize touch-none"
        role="presentation"
        onpointerdown={(event) => start(event, index)}
        onpointermove={(event) => pull && (pull = { ...pull, by: pull.from - event.clientY })}
        onpointerup={end}
        onpointercancel={() => (pull = undefined)}
        ><title>Pull {band.name} up for more, down for less</title></rect
      >
    {/each}
    {#if pull && pulled}<text
        x={BOWL / 2}
        y={Math.max(bands[pull.index]!.y + 4, 18)}
        text-anchor="middle"
        font-size="17"
        font-weight="700"
        class="on-food">{pulled.name} {grams} g</text
      >{/if}
  {/if}
  {#each leads ? bands : [] as band, index (index)}
    <path
      d="M{BOWL + 2} {band.y + band.height / 2}L{WIDTH - 22} {(index + 0.5) * row}H{WIDTH}"
      fill="none"
      stroke="var(--quiet)"
      stroke-width="1.5"
    />
  {/each}
</svg>
