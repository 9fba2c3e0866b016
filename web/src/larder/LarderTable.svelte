<script lang="ts">
  import type { LarderReport, Problem } from "../api/client";
  import { Slow } from "../state/slow.svelte";
  import Fault from "../ui/Fault.svelte";
  import HowFar from "../ui/HowFar.svelte";
  import Mark from "../ui/Mark.svelte";

  // Bring a table in: first a dry run with a word on every row, then all of it or nothing.
  let { onwritten }: { onwritten: () => void } = $props();
  let dialog: HTMLDialogElement;
  let sent: { file: string } | { json: Record<string, never>[] } = { file: "" };
  let report = $state.raw<LarderReport>();
  let problem = $state.raw<Problem>();
  const reading = new Slow();
  const news = $derived(report?.rows.filter((row) => row.fate !== "same") ?? []);
  const refused = $derived(news.filter((row) => row.fate === "refused").length);

  async function send(write: boolean): Promise<void> {
    const body = JSON.stringify({ ...sent, write });
    const answer = await reading.run<LarderReport>("/api/larder/import", { method: "POST", body });
    problem = Slow.fault(answer);
    report = answer.data ?? report;
    if (answer.data?.written) onwritten();
  }

  async function choose(event: Event): Promise<void> {
    const file = (event.currentTarget as HTMLInputElement).files?.[0];
    report = undefined;
    problem = undefined;
    if (!file) return;

    if (!file.name.endsWith(".json")) sent = { file: await bytes(file) };
    else
      try {
        sent = { json: JSON.parse(await file.text()) };
      } catch {
        return refuse(
          "This file is not JSON.",
          "Take the larder out as JSON once, and keep its shape.",
        );
      }
    await send(false);
  }

  // As they are, for the server to tell how the file was saved.
  async function bytes(file: File): Promise<string> {
    const all = new Uint8Array(await file.arrayBuffer());
    return btoa(Array.from(all, (byte) => String.fromCharCode(byte)).join(""));
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
    {#if reading.underWay}
      <HowFar what="Reading the table" far={reading.far} onstop={() => reading.stop()} />
    {/if}
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
        disabled={reading.underWay || !report || report.written || refused > 0 || news.length === 0}
        onclick={() => send(true)}>Write {news.length - refused} rows</button
      >
    </div>
  </div>
</dialog>
