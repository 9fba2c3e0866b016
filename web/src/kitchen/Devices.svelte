<script lang="ts">
  import { api, ask, type Problem, type Schemas } from "../api/client";
  import Fault from "../ui/Fault.svelte";
  import { listen, live } from "../state/live.svelte";

  // Where the scale, the probe and the label printer stand, and what they say right now.
  const NAMES = [
    ["scale", "Bench scale", "192.168.1.20:4801"],
    ["probe", "Probe thermometer", "192.168.1.20:4802"],
    ["printer", "Label printer", "192.168.1.20:4803"],
  ] as const;
  let devices = $state<Schemas["Devices"]>();
  let problem = $state.raw<Problem>();
  let saved = $state(false);
  listen();

  void ask(api.GET("/api/devices")).then(({ data, problem: fault }) => {
    devices = data;
    problem = fault;
  });

  async function save(event: SubmitEvent): Promise<void> {
    event.preventDefault();
    const answer = await ask(api.PUT("/api/devices", { body: devices! }));
    problem = answer.problem;
    devices = answer.data ?? devices;
    saved = !answer.problem;
  }

  function says(kind: (typeof NAMES)[number][0]): string {
    if (!devices?.[kind] || kind === "printer") return "";
    const reading = live[kind];
    return reading?.gone ?? (reading?.text ? `${reading.text}${reading.settled ? "" : " …"}` : "");
  }
</script>

<section class="tray mt-3" aria-label="Devices">
  <h2 class="text-xl">What it measures with</h2>
  {#if problem}<Fault {problem} />{/if}
  {#if devices}
    <form class="grid gap-2" onsubmit={save}>
      {#each NAMES as [kind, name, example] (kind)}
        <label class="grid items-center gap-x-3 sm:grid-cols-[11rem_16rem_minmax(0,1fr)]"
          >{name}
          <input
            class="input h-11 w-full text-lg"
            maxlength="140"
            placeholder={example}
            bind:value={devices[kind]}
            oninput={() => (saved = false)}
          /><b class="tabular-nums">{says(kind)}</b></label
        >
      {/each}
      <p class="flex flex-wrap items-center gap-3">
        <button class="btn btn-outline h-11">Save the addresses</button>
        {#if saved}<span class="text-success font-semibold" role="status">Saved.</span>{/if}
        <span class="quiet">Of this machine or its own network. One that is gone holds nothing up.</span
        >
      </p>
    </form>
  {/if}
</section>
