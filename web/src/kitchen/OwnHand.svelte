<script lang="ts">
  import { api, ask, type Schemas } from "../api/client";
  import WriteDown from "../record/WriteDown.svelte";

  // What a cook's own hand and spoons hold, put on the scale: from a few weighings on it is offered as the
  // house's own.
  let measures = $state.raw<Schemas["LooseMeasure"][]>([]);
  let word = $state("handful");
  let all = $state(0);
  const chosen = $derived(measures.find((each) => each.word === word));

  void ask(api.GET("/api/loose-measures")).then(({ data }) => (measures = data ?? []));
</script>

{#if measures.length > 0}
  <section class="tray mt-3" aria-label="What your hand holds">
    <h2 class="text-xl">What your hand holds</h2>
    <div class="flex flex-wrap items-center gap-3">
      <label class="flex items-center gap-2"
        >A <select class="select h-12 w-44 text-lg" bind:value={word}
          >{#each measures as each (each.word)}<option value={each.word}>{each.word}</option
            >{/each}</select
        ></label
      >
      {#if chosen}<span class="quiet"
          >is read as {chosen.text} here.{chosen.unit === "ml" ? " Fill it with water." : ""}</span
        >{/if}
      {#key word}<WriteDown
          name="It weighs"
          unit="g"
          what={{ kind: "weighed", of: "measure", about: word }}
          ondone={() => (all += 1)}
        />{/key}
    </div>
    <p class="quiet">
      {all > 0 ? `${all} written down. ` : ""}Weigh it a few times as you would take it, with your
      initials; what it comes to is offered in the Record.
    </p>
  </section>
{/if}
