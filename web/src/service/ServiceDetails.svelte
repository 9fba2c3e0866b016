<script lang="ts">
  import type { Desk } from "./desk.svelte";

  // Name, date and window, each saved when it is left.
  let { desk }: { desk: Desk } = $props();
  let dialog: HTMLDialogElement;
  const STYLES = {
    plates: "on plates",
    family: "in family bowls",
    platters: "on platters",
    moulded: "in a ring",
    buffet: "from a buffet, leaf apart",
    boxes: "in takeaway boxes",
  };
  const fields = [
    { name: "name", label: "Name", type: "text" },
    { name: "date", label: "Date", type: "date" },
    { name: "from", label: "Service from", type: "time" },
    { name: "to", label: "Service to", type: "time" },
    { name: "tables", label: "Tables laid", type: "number" },
  ] as const;

  const GUESTS = {
    "under-ones": "children under one",
    pregnant: "pregnant",
    older: "old",
    ill: "ill",
  };
  const guests = $derived<string[]>(desk.service?.guests ?? []);
  function feed(guest: string, yes: boolean): void {
    const all = yes ? [...guests, guest] : guests.filter((each) => each !== guest);
    desk.change("service/guests", all.join(", "));
  }

  function save(name: string, value: string): void {
    if (value !== String(desk.service?.[name as "name"] ?? "")) desk.change(`service/${name}`, value);
  }
</script>

<button class="link no-print min-h-8 px-1" onclick={() => dialog.showModal()}>Change</button>
<dialog class="modal" bind:this={dialog}>
  <div class="modal-box tray text-base-content">
    <h2 class="mb-3 text-xl">The service</h2>
    {#each fields as { name, label, type } (name)}
      <label class="mb-2 block">
        {label}
        <input
          class="input h-11 w-full text-lg"
          {type}
          maxlength="120"
          min="1"
          value={desk.service?.[name] ?? ""}
          onchange={(event) => save(name, event.currentTarget.value)}
        />
        {#if desk.faults[`service/${name}`]}<span class="text-error font-semibold" role="alert"
            >{desk.faults[`service/${name}`]}</span
          >{/if}
      </label>
    {/each}
    <label class="mb-2 block">
      Goes out
      <select
        class="select h-11 w-full text-lg"
        value={desk.service?.served_as ?? "plates"}
        onchange={(event) => save("served_as", event.currentTarget.value)}
        >{#each Object.entries(STYLES) as [style, words] (style)}<option value={style}>{words}</option
          >{/each}</select
      >
    </label>
    <fieldset>
      <legend>Feeds also guests who are</legend>
      {#each Object.entries(GUESTS) as [guest, words] (guest)}
        <label class="mr-4 inline-flex min-h-11 items-center gap-2"
          ><input
            type="checkbox"
            class="checkbox"
            checked={guests.includes(guest)}
            onchange={(event) => feed(guest, event.currentTarget.checked)}
          />
          {words}</label
        >
      {/each}
      <p class="quiet">What is not for them becomes a stop.</p>
    </fieldset>
    <form method="dialog" class="modal-action"><button class="btn btn-primary h-11">Done</button></form>
  </div>
</dialog>
