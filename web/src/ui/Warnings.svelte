<script lang="ts">
  import type { Schemas } from "../api/client";
  import Mark from "./Mark.svelte";

  // What can hurt somebody at a place, in one line each with what to do, the gravest first.
  let { found, ats }: { found: Schemas["Finding"][]; ats: string[] } = $props();
  const here = $derived(found.filter((each) => ats.includes(each.at)));
  const TONE = { stop: "text-error", look: "text-warning", mind: "" };
</script>

{#each here as each (each.key + each.what)}
  <p class="mt-1 flex items-start gap-2">
    <span class="mt-1"><Mark kind={each.grave} /></span>
    <span
      >{#if each.grave === "mind"}{each.what}{:else}<b class={TONE[each.grave]}>{each.what}</b>{/if}
      {each.remedy}{#if each.taken_on}<b>
          Taken on by {each.taken_on.by}: {each.taken_on.reason}</b
        >{/if}</span
    >
  </p>
{/each}
