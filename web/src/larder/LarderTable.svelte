<script lang="ts">
  import { api, ask, type LarderReport, type Problem } from "../api/client";
  import Fault from "../ui/Fault.svelte";
  import Mark from "../ui/Mark.svelte";

  // Bring a table in: first a dry run with a word on every row, then all of it or nothing.
  let { onwritten }: { onwritten: () => void } = $props();
  let dialog: HTMLDialogElement;
  let sent: { csv: string } | { json: Record<string, never>[] } = { csv: "" };
  let report = $state.raw<LarderReport>();
  let problem = $state.raw<Problem>();
  let busy = $state(false);
  const news = $derived(report?.rows.filter((row) => row.fate !== "same") ?? []);
  const refused = $derived(news.filter((row) => row.fate === "refused").length);

  async function send(write: boolean): Promise<void> {
    busy = true;
    const answer = await ask(api.POST("/api/larder/import", { body: { ...sent, write } }));
    busy = false;
    problem = answer.problem;
    report = answer.data ?? report;
    if (answer.data?.written) onwritten();
  }

  async function choose(event: Event): Promise<void> {
    const file = (event.currentTarget as HTMLInputElement).files?.[0];
    report = undefined;
    problem = undefined;
    if (!file) return;

    const text = await decoded(file);
    if (text === undefined)
      return refuse("This file is not UTF-8.", "Save the table as CSV UTF-8 and choose it again.");
    if (!file.name.endsWith(".json")) sent = { csv: text };
    else
      try {
        sent = { json: JSON.parse(text) };
      } catch {
        return refuse(
          "This file is not JSON.",
          "Take the larder out as JSON once, and keep its shape.",
        );
      }
    await send(false);
  }

  // Undefined when the bytes are not UTF-8: better refused than guessed.
  async function decoded(file: File): Promise<string | undefined> {
    try {
      return new TextDecoder("utf-8", { fatal: true }).decode(await file.arrayBuffer());
    } catch {
      return undefined;
    }
  }

  function refuse(title: string, remedy: string): void {
    problem = { type: "about:blank", title, status: 0, remedy, faults: [] };
  }
</script>

<a class="btn btn-outline h-11" href="/api/larder.csv" download="larder.csv">Take out as CSV</a>
<a class="btn btn-outline h-11" href="/api/larder.json" download="larder.json">as JSON</a>
<button class="btn btn-outline h-11" onclick={() => dialog.showModal()}>Bring in a table</button>
<dialog class="modal" bind:this={dialog}>
  <div class="modal-box tray max-w-3xl">
    <h2 class="mb-2 text-xl">Bring in a table of ingredients</h2>
    <p class="mb-3">
      Take the larder out once to see its columns. Nothing is written before you have seen what it would
      do, and then all of it or nothing.
    </p>
    <input
      class="file-input h-11 w-full"
      type="file"
      accept=".csv,.json,text/csv,application/json"
      aria-label="CSV or JSON file"
      onchange={choose}
    />
    {#if problem}<div class="mt-3"><Fault {problem} /></div>{/if}
    {#if report}
      <p class="mt-3 font-bold">
        {#if report.written}Written.{:else}{news.length - refused} to write, {report.rows.length -
            news.length} unchanged, {refused} refused{/if}
      </p>
      {#each news.slice(0, 200) as row (row.line)}
        <div class="border-base-300 grid grid-cols-[1.5rem_5rem_1fr] gap-2 border-t py-2">
          <span class="mt-1"><Mark kind={row.fate === "refused" ? "stop" : "fits"} /></span>
          <span class="quiet">line {row.line}</span>
          <span
            ><b>{row.name}</b>
            {row.fate}{#each row.faults as fault, index (index)}<br />{fault.what}
              {fault.remedy} <span class="quiet">{fault.where}</span>{/each}</span
          >
        </div>
      {/each}
    {/if}
    <div class="modal-action">
      <button class="btn btn-outline h-11" onclick={() => dialog.close()}>Close</button>
      <button
        class="btn btn-primary h-11"
        disabled={busy || !report || report.written || refused > 0 || news.length === 0}
        onclick={() => send(true)}>Write {news.length - refused} rows</button
      >
    </div>
  </div>
</dialog>
