<script lang="ts">
  // One piece at its true size: 1 mm on the page is 1 mm on the board, seen from above and
  // from the edge.
  let { mm, colour, name }: { mm: number[]; colour: string; name: string } = $props();
  const [length, width, thick] = $derived([mm[0] ?? 0, mm[1] ?? 0, mm[2] ?? 0]);
</script>

<svg
  width="{length + 2}mm"
  height="{width + thick + 5}mm"
  viewBox="-1 -1 {length + 2} {width + thick + 5}"
  role="img"
  aria-label="{name}, true size"
>
  <rect width={length} height={width} rx="0.6" fill={colour} stroke="var(--rim)" stroke-width="0.4" />
  <rect
    y={width + 2.5}
    width={length}
    height={thick}
    rx="0.4"
    fill={colour}
    stroke="var(--rim)"
    stroke-width="0.4"
  />
</svg>
