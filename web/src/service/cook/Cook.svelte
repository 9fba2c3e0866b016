<script lang="ts">
  import type { Plan } from "../../api/client";
  import OnHand from "../OnHand.svelte";
  import CookCard from "./CookCard.svelte";
  import CoolCard from "./CoolCard.svelte";
  import FromHeat from "./FromHeat.svelte";
  import Dot from "../../ui/Dot.svelte";
  import { text } from "./cooking";
  import SharedNote from "../SharedNote.svelte";
  import type { Desk } from "../desk.svelte";

  let { plan, desk }: { plan: Plan; desk: Desk } = $props();
  let chosen = $state(0);
  const batch = $derived(plan.cook[Math.min(chosen, plan.cook.length - 1)]);
</script>

<OnHand {desk} />
<SharedNote {plan} />
{#if batch}
  <div class="grid gap-3 @3xl:grid-cols-[17rem_minmax(0,1fr)] @6xl:grid-cols-[20rem_minmax(0,1fr)]">
    <div
      class="tray no-print flex flex-col self-start overflow-hidden p-0! @3xl:sticky @3xl:top-44"
      role="tablist"
      aria-label="What is cooked"
      aria-orientation="vertical"
    >
      {#each plan.cook as line, index (line.at)}
        <button
          role="tab"
          aria-selected={line === batch}
          class={[
            "border-base-300 flex min-h-16 items-center gap-3 border-b px-3 py-2",
            "text-left last:border-0",
            line === batch ? "bg-base-200 shadow-[inset_6px_0_0_var(--rim)]" : "",
          ]}
          onclick={() => (chosen = index)}
        >
          <Dot colour={line.colour} />
          <span class="grow"><b>{line.name}</b><br /><span class="quiet">{line.setting}</span></span>
          <b class="text-lg whitespace-nowrap">{text(line, line.headline)}</b>
        </button>
      {/each}
    </div>
    <div class="min-w-0">
      <CookCard {batch} {desk} />
      {#if batch.cools}<CoolCard at={batch.at} {plan} />{/if}
      {#if batch.control}<FromHeat {batch} {desk} />{/if}
    </div>
  </div>
{:else}
  <p class="tray">Nothing is cooked for this service.</p>
{/if}
