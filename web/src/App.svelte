<script lang="ts">
  import Kitchen from "./kitchen/Kitchen.svelte";
  import Larder from "./larder/Larder.svelte";
  import Desk from "./recipe/Desk.svelte";
  import SaladScreen from "./salad/SaladScreen.svelte";
  import Salads from "./salad/Salads.svelte";
  import Closing from "./record/Closing.svelte";
  import Delivery from "./record/Delivery.svelte";
  import Record from "./record/Record.svelte";
  import Run from "./run/Run.svelte";
  import ServiceDesk from "./service/ServiceDesk.svelte";
  import Services from "./service/Services.svelte";
  import UseUp from "./useup/UseUp.svelte";
  import KitchenDayScreen from "./week/KitchenDayScreen.svelte";
  import Week from "./week/Week.svelte";
  import Nowhere from "./ui/Nowhere.svelte";
  import TopBar from "./ui/TopBar.svelte";
  import { stale } from "./state/stale.svelte";
  import { follow, here } from "./state/place.svelte";
</script>

<svelte:document onclick={follow} />

<TopBar />
{#if stale.now}<p
    class="bg-warning text-warning-content no-print px-5 py-2 font-semibold"
    role="status"
  >
    Nobody answers: this is as it was said last.
  </p>{/if}
<main class="mx-auto max-w-[84rem] px-3 pb-6 sm:px-5">
  {#if here.place.screen === "desk"}
    {#key here.place.id}
      <ServiceDesk id={here.place.id} stage={here.place.stage} />
    {/key}
  {:else if here.place.screen === "run"}
    {#key here.place.id}<Run id={here.place.id} />{/key}
  {:else if here.place.screen === "salads"}
    <Salads />
  {:else if here.place.screen === "paste"}
    <Desk />
  {:else if here.place.screen === "salad"}
    {#key here.place.key}<SaladScreen key={here.place.key} />{/key}
  {:else if here.place.screen === "larder"}
    <Larder chosen={here.place.key} />
  {:else if here.place.screen === "week"}
    {#key here.place.day}<Week day={here.place.day} />{/key}
  {:else if here.place.screen === "kitchen-day"}
    {#key here.place.date}<KitchenDayScreen date={here.place.date} />{/key}
  {:else if here.place.screen === "record"}
    <Record lot={here.place.lot} />
  {:else if here.place.screen === "delivery"}
    {#key here.place.id}<Delivery id={here.place.id} />{/key}
  {:else if here.place.screen === "use-up"}
    <UseUp />
  {:else if here.place.screen === "close"}
    {#key here.place.id}<Closing id={here.place.id} />{/key}
  {:else if here.place.screen === "kitchen"}
    <Kitchen />
  {:else if here.place.screen === "nowhere"}
    <Nowhere />
  {:else}
    <Services />
  {/if}
</main>
