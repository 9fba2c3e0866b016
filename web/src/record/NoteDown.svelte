<script lang="ts">
  import type { Happened } from "./happened";
  import { write } from "./log.svelte";
  import { jpegOf } from "./picture";
  import type { Kept } from "./queue";

  // What no figure says: a few words, a picture, or both.
  let {
    what = {},
    now,
    ondone,
  }: { what?: Partial<Happened>; now?: string; ondone?: () => void } = $props();
  const LONGEST = 500;
  let text = $state("");
  let picture = $state<string>();
  let kept = $state<Kept>();
  let said = $state("");
  const ready = $derived(text.trim() !== "" || picture !== undefined);

  async function taken(event: Event): Promise<void> {
    const input = event.target as HTMLInputElement;
    const file = input.files?.[0];
    // So that the same one can be chosen again.
    input.value = "";
    if (!file) return;
    picture = await jpegOf(file);
    said = picture ? "" : "That file is no picture.";
  }

  async function keep(event: SubmitEvent): Promise<void> {
    event.preventDefault();
    if (!ready) return;
    const note = text.trim() || undefined;
    kept = await write({ ...what, kind: "note", note, picture }, now);
    if (kept?.fate === "refused") return;
    said = kept ? "Written down." : "Written down on this device, and sent when the net is back.";
    text = "";
    picture = undefined;
    ondone?.();
  }
</script>

<form class="flex w-full flex-wrap items-center gap-2" onsubmit={keep} aria-label="A note">
  <input
    class="input h-12 min-w-40 grow text-lg"
    maxlength={LONGEST}
    placeholder="What happened"
    aria-label="Note"
    bind:value={text}
  />
  <label class="btn btn-outline h-12 text-lg"
    >Picture<input
      class="sr-only"
      type="file"
      accept="image/*"
      capture="environment"
      aria-label="A picture with the note"
      onchange={taken}
    /></label
  >
  {#if picture}<span class="relative"
      ><img
        class="h-12 rounded"
        src="data:image/jpeg;base64,{picture}"
        alt="As it goes with the note"
      />
      <button
        type="button"
        class="btn btn-ghost h-11"
        aria-label="Without the picture"
        onclick={() => (picture = undefined)}>Without it</button
      ></span
    >{/if}
  <button class="btn btn-outline h-12 text-lg" disabled={!ready}>Note it</button>
  <span role="status">
    {#if kept?.fate === "refused"}<span class="text-error font-semibold">{kept.why?.join(" ")}</span>
    {:else if said}<span class="font-semibold">{said}</span>{/if}
  </span>
</form>
