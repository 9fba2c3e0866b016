<script lang="ts">
  import { STAGES, type Stage } from "../state/place.svelte";

  let { id, stage }: { id: number; stage: Stage } = $props();
  const name = (stage: Stage) => stage[0]!.toUpperCase() + stage.slice(1);
</script>

<nav class="no-print border-base-300 my-3 flex overflow-x-auto border-b-2" aria-label="Stages">
  {#each STAGES as each, index (each)}
    <a
      href="/services/{id}/{each}"
      aria-current={each === stage ? "page" : undefined}
      class={[
        "-mb-0.5 flex h-11 grow items-center justify-center gap-2 border-b-4 px-3",
        "font-semibold",
        each === stage ? "border-primary text-primary" : "quiet border-transparent",
      ]}
    >
      <span
        class={[
          "hidden h-6 w-6 items-center justify-center rounded-full border sm:inline-flex",
          each === stage ? "bg-primary text-primary-content border-primary" : "border-current",
        ]}
        aria-hidden="true">{index + 1}</span
      >
      {name(each)}
    </a>
  {/each}
</nav>
