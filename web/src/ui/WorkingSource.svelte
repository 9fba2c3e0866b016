<script lang="ts">
  import type { Working } from "../api/client";
  import type { Explains } from "./explains";
  import AmountField from "./AmountField.svelte";

  // Who says so, and a field to say otherwise: for this service, or for the kitchen from now on.
  let { working, desk }: { working: Working; desk: Explains } = $props();
  let keep = $state<"service" | "kitchen">("service");

  const change = $derived(working.change);
  const ours = $derived(change ? /^(larder|practice)\//.test(change.at) : false);
  const value = $derived(working.unit === "share" ? working.text : String(working.value));
  const bounds = $derived(
    change?.least === undefined ? "" : `${change.least} to ${change.most} ${change.bound_unit}`,
  );
</script>

{#if working.source}<p class="quiet">{working.source}</p>{/if}
{#if change}
  <div class="flex flex-wrap items-end gap-x-3 gap-y-1 py-1">
    <AmountField {desk} at={change.at} {value} {keep} label="Change {working.label}" />
    {#if ours}
      <label class="flex min-h-11 cursor-pointer items-center gap-2">
        <input
          type="checkbox"
          class="checkbox"
          checked={keep === "kitchen"}
          onchange={(event) => (keep = event.currentTarget.checked ? "kitchen" : "service")}
        />
        in my kitchen from now on
      </label>
    {/if}
    {#if working.default !== undefined}
      <button
        class="btn btn-outline h-11"
        onclick={() =>
          desk.change(
            change.at,
            null,
            working.source?.startsWith("Set for this kitchen") ? "kitchen" : "service",
          )}>Back to {working.default}</button
      >
    {/if}
  </div>
  {#if bounds}<p class="quiet">{bounds}</p>{/if}
{/if}
