<script lang="ts">
  import type { DressingBatch } from "../api/client";

  // Fat to acid from even to soft, with the schools marked and this dressing's place among them.
  let {
    character,
    onchosen,
  }: { character: DressingBatch["character"]; onchosen?: (times: number) => void } = $props();
  const [LEAST, MOST, WIDTH] = [0.85, 5, 560];
  const x = (times: number) =>
    20 +
    (Math.log(Math.min(Math.max(times, LEAST), MOST) / LEAST) / Math.log(MOST / LEAST)) * (WIDTH - 40);
  const schools = $derived(character.schools.toSorted((one, other) => one.times - other.times));
  const nearest = $derived(schools.find((school) => school.nearest));
</script>

<figure class="min-w-0">
  <svg
    viewBox="0 0 {WIDTH} 62"
    class="w-full max-w-[36rem]"
    role="img"
    aria-label={character.ratio
      ? `Fat to acid ${character.ratio.toFixed(1)} to 1, nearest to ${nearest?.name}`
      : "No acid in it"}
  >
    <rect
      x="20"
      y="34"
      width={WIDTH - 40}
      height="10"
      rx="5"
      fill="var(--dressing)"
      stroke="var(--rim)"
      stroke-width="2"
    />
    {#each schools as school (school.key)}
      <path d="M{x(school.times)} 28v22" stroke="var(--rim)" stroke-width="3" />
      <text
        x={x(school.times)}
        y="20"
        text-anchor="middle"
        font-size="15"
        font-weight={school === nearest ? 700 : 400}
        fill="var(--color-base-content)">{school.times === 1.5 ? "3 : 2" : `${school.times} : 1`}</text
      >
    {/each}
    {#if character.ratio}<path d="M{x(character.ratio)} 46l9 14h-18z" fill="var(--color-accent)" />{/if}
  </svg>
  {#if onchosen && character.ratio}
    <div class="mt-1 flex flex-wrap gap-2">
      {#each schools as school (school.key)}<button
          class="btn h-11 {school === nearest ? 'btn-primary' : 'btn-outline'}"
          title={school.suits}
          onclick={() => onchosen(school.times)}>{school.name}</button
        >{/each}
    </div>
  {/if}
  <figcaption class="quiet">
    {nearest ? `${nearest.name}: ${nearest.suits}` : "Oil alone: for what brings its own acid."}
  </figcaption>
</figure>
