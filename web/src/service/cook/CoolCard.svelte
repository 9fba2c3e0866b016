<script lang="ts">
  import { getContext } from "svelte";
  import { api, ask, type CoolDown, type Plan } from "../../api/client";
  import CoolingCurve from "./CoolingCurve.svelte";
  import type { Desk } from "../desk.svelte";
  import Caution from "../../ui/Caution.svelte";

  // Cooling a cooked grain in time: methods compared, and the curve of the one chosen. It is
  // simulated, so it is asked for beside the plan, and again whenever the plan changes.
  let { at, plan }: { at: string; plan: Plan } = $props();
  const desk = getContext<() => Desk>("desk")();
  let method = $state<string>();
  let cooling = $state.raw<CoolDown>();

  $effect(() => {
    void plan;
    const query = { at, method };
    let stale = false;
    void ask(api.GET("/api/services/{id}/cooling", { params: { path: { id: desk.id }, query } })).then(
      ({ data }) => {
        if (!stale) cooling = data;
      },
    );
    return () => (stale = true);
  });
</script>

{#if cooling}
  <section class="tray mt-3 min-w-0" aria-label="Cool down">
    <div class="flex flex-wrap items-baseline justify-between gap-x-6">
      <h2 class="text-2xl">Cool {cooling.weight} in time</h2>
      <p><b>{cooling.rules}</b> <span class="quiet">· your local code decides</span></p>
    </div>
    {#if cooling.left}<div class="my-2 font-semibold">
        <Caution text="Left in the pot it {cooling.left}. Spread it out." />
      </div>{/if}
    <div class="mt-2 grid items-start gap-x-8 gap-y-4 @4xl:grid-cols-[minmax(0,1fr)_minmax(0,1fr)]">
      <table class="w-full">
        <thead
          ><tr class="quiet h-8 text-left"
            ><th class="font-normal">How</th><th class="text-right font-normal">At most</th><th
              class="text-right font-normal">Trays</th
            ></tr
          ></thead
        >
        <tbody>
          {#each cooling.methods as each (each.key)}
            <tr
              class={[
                "border-base-300 h-12 border-t",
                each.key === cooling.chosen.method ? "bg-base-200" : "",
              ]}
            >
              <td
                ><label class="flex min-h-11 cursor-pointer items-center gap-3"
                  ><input
                    type="radio"
                    class="radio"
                    name="cooling"
                    checked={each.key === cooling.chosen.method}
                    onchange={() => (method = each.key)}
                  /><span
                    >{each.name}{#if each.here}<br /><span class="quiet">{each.here}</span>{:else}<br
                      /><span class="quiet">not in this kitchen</span>{/if}</span
                  ></label
                ></td
              >
              <td class="text-right text-xl font-bold whitespace-nowrap"
                >{each.depth_cm > 0 ? each.depth : "cannot"}</td
              >
              <td class="pr-1 text-right text-xl font-bold">{each.trays ?? "–"}</td>
            </tr>
          {/each}
        </tbody>
      </table>
      <figure>
        <CoolingCurve chosen={cooling.chosen} />
        <figcaption class="quiet">
          The middle of {cooling.chosen.depth_cm} cm in a {cooling.tray}, {cooling.chosen.name.toLowerCase()}.
          Keep below the shaded corners.
        </figcaption>
      </figure>
    </div>
  </section>
{/if}
