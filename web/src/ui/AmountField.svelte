<script lang="ts">
  import type { Explains } from "./explains";

  // A field that takes what a cook writes ("120 g", "½ cup", "82 %") and keeps it until it is
  // saved or put right.
  let {
    desk,
    at,
    value,
    label,
    width = "w-28",
    keep = "service",
  }: {
    desk: Explains;
    at: string;
    value: string;
    label: string;
    width?: string;
    keep?: "service" | "kitchen";
  } = $props();

  let typed = $state<string>();
  const fault = $derived(desk.faults[at]);

  $effect(() => {
    void value;
    if (!desk.faults[at]) typed = undefined;
  });

  function send(): void {
    const text = typed?.trim();
    if (!text || text === value) {
      if (!text) typed = undefined;
      return;
    }
    desk.change(at, text, keep);
  }

  function keys(event: KeyboardEvent): void {
    if (event.key === "Enter") send();
    if (event.key === "Escape") {
      typed = undefined;
      delete desk.faults[at];
    }
    event.stopPropagation();
  }
</script>

<span class="inline-flex flex-col">
  <input
    class="input h-11 {width} text-right text-xl font-bold {fault ? 'border-error border-2' : ''}"
    aria-label={label}
    aria-invalid={!!fault}
    maxlength="120"
    autocomplete="off"
    value={typed ?? value}
    oninput={(event) => (typed = event.currentTarget.value)}
    onblur={send}
    onkeydown={keys}
    onfocus={(event) => event.currentTarget.select()}
  />
  {#if fault}<span class="text-error max-w-72 text-left font-semibold" role="alert">{fault}</span>{/if}
</span>
