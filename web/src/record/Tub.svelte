<script lang="ts">
  import type { Schemas } from "../api/client";

  // A lot as it stands on its shelf: how full, in the colour of its food, with the code that is said aloud.
  let { lot, most }: { lot: Schemas["HeldLot"]; most: number } = $props();
  const HEIGHT = 64;
  const WIDTH = 118;
  const full = $derived(lot.grams === undefined ? 0.5 : Math.max(Math.min(lot.grams / most, 1), 0.06));
</script>

<a
  href="/record/{lot.code}"
  class="hover:bg-base-200 block w-36 rounded-lg p-1"
  aria-label="{lot.code}, {lot.name}, {lot.text}, by {lot.discard.replace('T', ' ')}"
>
  <svg width={WIDTH + 8} height={HEIGHT + 8} aria-hidden="true">
    <rect
      x="6"
      y={4 + HEIGHT * (1 - full)}
      width={WIDTH - 4}
      height={HEIGHT * full}
      rx="3"
      fill={lot.colour ?? "var(--dressing)"}
    />
    <path
      d="M4 4V{HEIGHT}Q4 {HEIGHT + 5} 10 {HEIGHT + 5}H{WIDTH - 2}Q{WIDTH + 4} {HEIGHT + 5} {WIDTH +
        4} {HEIGHT}V4"
      fill="none"
      stroke="var(--rim)"
      stroke-width="3"
    />
    <rect
      x={WIDTH / 2 - 24}
      y="12"
      width="56"
      height="24"
      rx="6"
      fill="var(--color-base-100)"
      stroke="var(--rim)"
    />
    <text
      x={WIDTH / 2 + 4}
      y="29"
      text-anchor="middle"
      font-weight="700"
      fill="var(--color-base-content)">{lot.code}</text
    >
  </svg>
  <b class="block leading-tight">{lot.name}{lot.batch ? `, ${lot.batch}` : ""}</b>
  <span>{lot.text}{lot.weighed || lot.text === "not weighed" ? "" : ", planned"}</span>
</a>
