<script lang="ts">
  // Drained weight and liquid of what is in the tins, as one bar.
  let { drained, liquid, colour }: { drained: number; liquid: number; colour: string } = $props();
  const share = $derived((drained / (drained + liquid)) * 400);
</script>

<svg
  viewBox="0 0 412 96"
  class="w-full max-w-[30rem]"
  role="img"
  aria-label="Drained {Math.round((share / 400) * 100)} % of the net weight"
>
  <rect x="6" y="8" width={share} height="80" fill={colour} />
  <rect x={6 + share} y="8" width={400 - share} height="80" fill="var(--water)" />
  <rect x="6" y="8" width="400" height="80" rx="6" fill="none" stroke="var(--rim)" stroke-width="5" />
  <g font-size="18" font-weight="700" class="on-food">
    <text x={share / 2 + 6} y="54" text-anchor="middle">drained</text>
    <text x={share + (400 - share) / 2 + 6} y="54" text-anchor="middle">drains off</text>
  </g>
</svg>
