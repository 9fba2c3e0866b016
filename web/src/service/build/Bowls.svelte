<script lang="ts">
  import type { Bowls } from "../../api/client";

  // Each mixing bowl with its fill; the dotted line is as full as one can be tossed.
  let { build }: { build: Bowls } = $props();
  const MOST = 8;
  const count = $derived(Number(build.batches.value));
  const fill = $derived(Number(build.fill.value));
</script>

<svg
  viewBox="0 0 {Math.min(count, MOST) * 130} 96"
  class="w-full"
  height="96"
  preserveAspectRatio="xMinYMid"
  role="img"
  aria-label="{count} × {build.bowl}, {build.fill.text} full"
>
  {#each { length: Math.min(count, MOST) } as _, index (index)}
    <g transform="translate({index * 130 + 8} 6)">
      <clipPath id="mix-{build.salad}-{index}"
        ><path d="M0 0h112c0 50 -22 80 -40 80h-32c-18 0 -40 -30 -40 -80z" /></clipPath
      >
      <rect
        y={80 - 80 * fill}
        width="112"
        height={80 * fill}
        fill="var(--color-success)"
        fill-opacity="0.45"
        clip-path="url(#mix-{build.salad}-{index})"
      />
      <path d="M6 32h100" stroke="var(--quiet)" stroke-dasharray="3 5" />
      <path
        d="M0 0c0 50 22 80 40 80h32c18 0 40 -30 40 -80z"
        fill="none"
        stroke="var(--rim)"
        stroke-width="4"
        stroke-linejoin="round"
      />
      <text
        x="56"
        y="62"
        text-anchor="middle"
        font-size="20"
        font-weight="700"
        fill="var(--color-base-content)">{index + 1}</text
      >
    </g>
  {/each}
</svg>
{#if count > MOST}<p class="quiet">and {count - MOST} more alike</p>{/if}
