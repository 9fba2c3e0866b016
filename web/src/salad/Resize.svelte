<script lang="ts">
  import type { SaladInput } from "../api/client";
  import type { SaladEditor } from "./salad.svelte";

  // To how it is served, or to a weight: by role, so that crunch and accents stay sensible.
  let { editor, salad }: { editor: SaladEditor; salad: SaladInput } = $props();
  let grams = $state("");

  function send(): void {
    const weight = Number(grams.replace(/\s*g$/, ""));
    if (weight >= 10) editor.resize(weight, salad.serves_as);
    grams = "";
  }
</script>

<div class="flex flex-wrap items-end gap-2" role="group" aria-label="Resize">
  <div>
    <div class="quiet">Resize by role to a</div>
    <div class="join">
      {#each ["side", "starter", "main"] as const as served (served)}
        <button
          class="btn join-item h-11 {served === salad.serves_as ? 'btn-primary' : 'btn-outline'}"
          aria-pressed={served === salad.serves_as}
          onclick={() => editor.resize(undefined, served)}>{served}</button
        >
      {/each}
    </div>
  </div>
  <label class="block"
    ><span class="quiet block">or to</span><input
      class="input h-11 w-24 text-right text-lg"
      inputmode="numeric"
      placeholder="g"
      aria-label="Resize to, in g"
      maxlength="8"
      bind:value={grams}
      onblur={send}
      onkeydown={(event) => event.key === "Enter" && send()}
    /></label
  >
</div>
