<script lang="ts">
  import type { Happened } from "./happened";
  import { listen, live } from "../state/live.svelte";
  import { units } from "../state/units.svelte";
  import { write } from "./log.svelte";
  import type { Kept } from "./queue";

  // A number in one tap: what it is, its field, what the scale or the probe reads beside it, and what became
  // of it. Nothing is asked twice.
  let {
    name,
    unit,
    what,
    now,
    ondone,
  }: {
    name: string;
    unit: string;
    what: Happened;
    now?: string;
    ondone?: () => void;
  } = $props();
  let text = $state("");
  let kept = $state<Kept>();
  let said = $state("");
  let waits = $state(false);
  // What a figure without a word is in, as the house reads and the server takes it.
  const read = $derived(
    unit === "g" && units.measures?.system === "us"
      ? "lb"
      : unit === "°C" && units.measures?.degrees === "f"
        ? "°F"
        : unit,
  );
  listen();
  // What a device reads now, in what the server keeps.
  const meter = $derived(unit === "g" ? live.scale : unit === "°C" ? live.probe : undefined);
  const ready = $derived(/^\s*-?\d/.test(text));

  async function keep(event: Event): Promise<void> {
    event.preventDefault();
    if (!ready) return;
    await keepIt({ written: text.trim() }, `${text.trim()}${/[a-z°]/i.test(text) ? "" : ` ${read}`}`);
  }

  // What the device reads at the touch, not what it reads by the time it is sent.
  const take = () =>
    keepIt({ value: meter!.value!, device: unit === "g" ? "scale" : "probe" }, meter!.text ?? "");

  async function keepIt(more: Partial<Happened>, words: string): Promise<void> {
    kept = await write({ ...what, ...more }, now);
    if (kept?.fate === "refused") return;
    waits = !kept;
    said = words;
    text = "";
    ondone?.();
  }
</script>

<form class="inline-flex flex-wrap items-center gap-2" onsubmit={keep}>
  <label class="flex items-center gap-2 text-lg"
    >{name}
    <input
      class="input h-12 w-20 text-xl tabular-nums"
      inputmode="decimal"
      bind:value={text}
      aria-label={name}
    />
    <span class="quiet">{read}</span></label
  >
  <button class="btn btn-outline h-12 text-lg" disabled={!ready} aria-label="Keep: {name}">Keep</button>
  {#if meter?.gone}<span class="quiet" title={meter.gone}>{unit === "g" ? "no scale" : "no probe"}</span
    >
  {:else if meter?.value !== undefined}<button
      type="button"
      class={[
        "btn h-12 text-xl tabular-nums",
        meter.settled ? "btn-primary" : "btn-outline opacity-70",
      ]}
      aria-label="Take what the {unit === 'g' ? 'scale' : 'probe'} reads: {name}"
      onclick={take}>{meter.text}</button
    >{/if}
  <span role="status">
    {#if kept?.fate === "refused"}<span class="text-error font-semibold">{kept.why?.join(" ")}</span>
    {:else if said}<span class="text-success font-semibold"
        >{said} is written down{waits ? " on this device, and sent when the net is back" : ""}.</span
      >
      {kept?.asks ?? ""}{/if}
  </span>
</form>
