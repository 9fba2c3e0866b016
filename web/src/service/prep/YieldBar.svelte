<script lang="ts">
  // What comes in, what is trimmed off (hatched) and what is left, by weight.
  let {
    bought,
    trimmed,
    ready,
    colour,
    id,
  }: { bought: number; trimmed: number; ready: number; colour: string; id: string } = $props();
  const WIDTH = 260;
  const left = $derived((ready / bought) * WIDTH);
  const trim = $derived((trimmed / bought) * WIDTH);
</script>

<svg
  viewBox="0 0 {WIDTH + 4} 30"
  class="w-full max-w-[18rem]"
  role="img"
  aria-label="{Math.round((ready / bought) * 100)} % of what comes in is used"
>
  <pattern
    id="hatch-{id}"
    width="6"
    height="6"
    patternUnits="userSpaceOnUse"
    patternTransform="rotate(45)"><rect width="2" height="6" fill="var(--quiet)" /></pattern
  >
  <rect x="2" y="2" width={left} height="26" fill={colour} />
  <rect x={2 + WIDTH - trim} y="2" width={trim} height="26" fill="url(#hatch-{id})" />
  <rect
    x="2"
    y="2"
    width={WIDTH}
    height="26"
    rx="5"
    fill="none"
    stroke="var(--rim)"
    stroke-width="2.5"
  />
</svg>
