<script lang="ts">
  import type { Desk } from "./desk.svelte";

  // Covers by button, key or typing. What is typed goes to the server as it is, which says
  // what is wrong with it; the text stays until it is put right.
  let { desk }: { desk: Desk } = $props();
  const AT = "service/covers";
  const PAUSE = 40;

  let typed = $state<string>();
  let ahead = $state<number>();
  let pause: ReturnType<typeof setTimeout> | undefined;

  const planned = $derived(desk.service?.covers ?? 0);
  const shown = $derived(typed ?? String(ahead ?? planned));
  const fault = $derived(desk.faults[AT]);

  $effect(() => {
    if (!desk.busy) ahead = undefined;
    if (typed !== undefined && Number(typed) === planned && document.activeElement !== field)
      typed = undefined;
  });

  let field: HTMLInputElement;

  function step(by: number): void {
    typed = undefined;
    delete desk.faults[AT];
    ahead = Math.max(1, (ahead ?? planned) + by);
    desk.change(AT, ahead);
  }

  function type(event: Event): void {
    typed = (event.target as HTMLInputElement).value;
    clearTimeout(pause);
    pause = setTimeout(send, PAUSE);
  }

  function send(): void {
    clearTimeout(pause);
    if (typed === undefined || typed.trim() === "") return;

    desk.change(AT, typed);
  }

  function leave(): void {
    send();
    if (!fault && (typed === undefined || typed.trim() === "" || Number(typed) === planned))
      typed = undefined;
  }

  function keys(event: KeyboardEvent): void {
    if (event.ctrlKey || event.metaKey || event.altKey) return;
    const within = (event.target as Element).closest?.("input, textarea, dialog[open]");
    if (within && within !== field) return;
    if (event.key === "+" || event.key === "-" || event.key === "−") {
      event.preventDefault();
      step(event.key === "+" ? 1 : -1);
    } else if (event.key === "Enter" && within === field) send();
  }
</script>

<svelte:window onkeydown={keys} />

<div class="flex flex-col items-center">
  <div class="flex items-center gap-2">
    <button
      class="btn btn-circle btn-outline btn-primary no-print h-11 w-11 text-2xl"
      aria-label="One cover less"
      onclick={() => step(-1)}
      disabled={planned <= 1 && ahead === undefined}>−</button
    >
    <label class="flex items-baseline gap-2">
      <input
        bind:this={field}
        class="bg-base-100 w-24 rounded-lg border-2 text-center text-4xl font-bold {fault
          ? 'border-error'
          : 'border-transparent hover:border-base-300'}"
        inputmode="numeric"
        autocomplete="off"
        aria-label="Covers"
        aria-invalid={!!fault}
        aria-describedby="covers-fault"
        maxlength="12"
        value={shown}
        oninput={type}
        onblur={leave}
        onfocus={(event) => event.currentTarget.select()}
      />
      <span class="sr-only">covers</span>
    </label>
    <button
      class="btn btn-circle btn-outline btn-primary no-print h-11 w-11 text-2xl"
      aria-label="One cover more"
      onclick={() => step(1)}>+</button
    >
    <span class="quiet">covers</span>
  </div>
  <p id="covers-fault" class="text-error max-w-80 font-semibold" role="alert">{fault ?? ""}</p>
</div>
