<script lang="ts">
  import type { Schemas } from "../api/client";
  import { setInitials, who } from "../state/who.svelte";
  import type { DayOf } from "./day/day.svelte";

  // A stop is mended, or a named person takes it on with a reason that is kept.
  let { stop, day }: { stop: Schemas["Finding"]; day: DayOf } = $props();
  let reason = $state("");
  let initials = $state(who.initials);
  const LONGEST = 200;

  function take(event: Event): void {
    event.preventDefault();
    setInitials(initials);
    void day.decide({
      taken_on: { key: stop.key, by: initials.trim(), reason: reason.trim() },
    });
  }
</script>

{#if stop.taken_on}
  <p class="flex flex-wrap items-center gap-3">
    <b>Taken on by {stop.taken_on.by}: {stop.taken_on.reason}</b>
    <button
      class="btn btn-ghost no-print h-11"
      disabled={day.busy}
      onclick={() => day.decide({ given_back: stop.key })}>Give it back</button
    >
  </p>
{:else}
  <form class="no-print flex flex-wrap items-end gap-2" onsubmit={take}>
    <label
      >Initials <input
        class="input h-11 w-20 text-lg"
        maxlength="12"
        required
        bind:value={initials}
      /></label
    >
    <label class="min-w-0 grow"
      >Why it is safe here <input
        class="input h-11 w-full text-lg"
        maxlength={LONGEST}
        required
        bind:value={reason}
      /></label
    >
    <button class="btn btn-outline h-11" disabled={day.busy}>Take it on</button>
  </form>
{/if}
