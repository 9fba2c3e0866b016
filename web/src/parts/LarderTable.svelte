<script lang="ts">
  import { api, ask, type LarderReport, type Problem } from "../api/client";
  import Fault from "./Fault.svelte";
  import Mark from "./Mark.svelte";

  // Bring a table in: first a dry run with a word on every row, then all of it or nothing.
  let { onwritten }: { onwritten: () => void } = $props();
  let dialog: HTMLDialogElement;
  let csv = "";
  let report = $state.raw<LarderReport>();
  let problem = $state.raw<Problem>();
  let busy = $state(false);
  const news = $derived(report?.rows.filter((row) => row.fate !== "same") ?? []);
  const refused = $derived(news.filter((row) => row.fate === "refused").length);

  async function send(write: boolean): Promise<void> {
    busy = true;
    const answer = await ask(api.POST("/api/larder/import", { body: { csv, write } }));
    busy = false;
    problem = answer.problem;
    report = answer.data ?? report;
    if (answer.data?.written) onwritten();
  }

  async function choose(event: Event): Promise<void> {
    const file = (event.currentTarget as HTMLInputElement).files?.[0];
    report = undefined;
    if (!file) return;
    csv = await file.text();
    await send(false);
  }
</script>

<a class="btn btn-outline h-11" href="/api/larder.csv" download="larder.csv">Take out as CSV</a>
<button class="btn btn-outline h-11" onclick={() => dialog.showModal()}>Bring in a CSV</button>
<dialog class="modal" bind:this={dialog}>
  <div class="modal-box tray max-w-3xl">
    <h2 class="mb-2 text-xl">Bring in a table of ingredients</h2>
    <p class="mb-3">Take the larder out once to see its columns. Nothing is written before you have seen what it would do, and then all of it or nothing.</p>
    <input class="file-input h-11 w-full" type="file" accept=".csv,text/csv" aria-label="CSV file" onchange={choose} />
    {#if problem}<div class="mt-3"><Fault {problem} /></div>{/if}
    {#if report}
      <p class="mt-3 font-bold">
        {#if report.written}Written.{:else}{news.length - refused} to write, {report.rows.length - news.length} unchanged, {refused} refused{/if}
      </p>
      {#each news.slice(0, 200) as row (row.line)}
        <div class="border-base-300 grid grid-cols-[1.5rem_5rem_1fr] gap-2 border-t py-2">
          <span class="mt-1"><Mark kind={row.fate === "refused" ? "stop" : "fits"} /></span>
          <span class="quiet">line {row.line}</span>
          <span><b>{row.name}</b> {row.fate}{#each row.faults as fault (fault.where + fault.what)}<br />{fault.what} {fault.remedy} <span class="quiet">{fault.where}</span>{/each}</span>
        </div>
      {/each}
    {/if}
    <div class="modal-action">
      <button class="btn btn-outline h-11" onclick={() => dialog.close()}>Close</button>
      <button class="btn btn-primary h-11" disabled={busy || !report || report.written || refused > 0 || news.length === 0} onclick={() => send(true)}>Write {news.length - refused} rows</button>
    </div>
  </div>
</dialog>
