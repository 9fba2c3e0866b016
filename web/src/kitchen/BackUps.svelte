<script lang="ts">
  import { api, ask, type Problem, type Schemas } from "../api/client";
  import Fault from "../ui/Fault.svelte";
  import { ago, size } from "./copies";

  // The copies of everything that is kept here: how old the latest is, how large, and where they are.
  let kept = $state.raw<Schemas["BackUps"]>();
  let missing = $state.raw<Problem>();
  let problem = $state.raw<Problem>();
  let busy = $state(false);
  let all = $state(false);
  const latest = $derived(kept?.copies[0]);
  const SHOWN = 3;

  async function load(): Promise<void> {
    const answer = await ask(api.GET("/api/backups"));
    kept = answer.data;
    missing = answer.problem;
  }
  void load();

  async function copy(): Promise<void> {
    busy = true;
    const answer = await ask(api.POST("/api/backups"));
    busy = false;
    kept = answer.data ?? kept;
    problem = answer.problem;
  }
</script>

<section class="tray mt-3" aria-label="Copies of the data">
  <div class="flex flex-wrap items-center gap-3">
    <h2 class="grow text-xl">
      Copies of the data{#if latest}: the latest is {ago(latest.at)} old, {size(latest.bytes)}{/if}
    </h2>
    <button type="button" class="btn btn-outline h-11" disabled={busy} onclick={copy}
      >{busy ? "Copying …" : "Copy now"}</button
    >
  </div>
  <Fault problem={problem ?? missing} />
  {#if kept}
    <p class="quiet">
      One a day while the server runs, the last seven kept, in {kept.folder}. Carry one elsewhere now
      and then. <code>bin/restore FILE</code> puts one back.
    </p>
    <ul class="mt-1">
      {#each all ? kept.copies : kept.copies.slice(0, SHOWN) as each (each.name)}
        <li class="border-base-300 flex flex-wrap gap-x-4 border-t py-1">
          <span class="grow">{each.name}</span><span>{size(each.bytes)}</span><span
            >{ago(each.at)} old</span
          >
        </li>
      {:else}<li>None yet: the first is made within the hour.</li>{/each}
    </ul>
    {#if kept.copies.length > SHOWN && !all}
      <button type="button" class="link min-h-11" onclick={() => (all = true)}
        >and {kept.copies.length - SHOWN} more</button
      >
    {/if}
  {/if}
</section>
