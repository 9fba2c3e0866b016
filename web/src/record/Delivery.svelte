<script lang="ts">
  import { api, ask, type Schemas } from "../api/client";
  import Initials from "../ui/Initials.svelte";
  import DeliveryLines from "./DeliveryLines.svelte";
  import Waiting from "./Waiting.svelte";

  // What has come of what was ordered for a service.
  let { id }: { id: number } = $props();
  let service = $state.raw<Schemas["Service"]>();
  let [come, all] = $state([0, 0]);
  // svelte-ignore state_referenced_locally
  void ask(api.GET("/api/services/{id}", { params: { path: { id } } })).then(
    ({ data }) => (service = data),
  );
</script>

<svelte:head><title>Delivery · Scullion</title></svelte:head>

<Waiting />
<div class="my-3 flex flex-wrap items-center gap-x-5 gap-y-2">
  <h1 class="text-3xl">What has come</h1>
  {#if service && all > 0}<p class="quiet grow">
      for {service.name}: {come} of {all} lines
    </p>{/if}
  <Initials />
  <a class="btn btn-outline h-11" href="/services/{id}/buy">The order</a>
</div>
{#if all > 0}
  <div
    class="bg-base-300 mb-3 h-3 overflow-hidden rounded-full"
    role="img"
    aria-label="{come} of {all} lines have come"
  >
    <div class="bg-success h-full" style:width="{(100 * come) / all}%"></div>
  </div>
{/if}
<DeliveryLines {id} onload={(...counts) => ([come, all] = counts)} />
