<script lang="ts">
  import { api, ask, plainly, type Schemas } from "../../api/client";
  import { Latest } from "../../state/latest";
  import Fact from "../../ui/Fact.svelte";

  // How one salad goes out: waves, the pace of plating, what a bowl on display does, and five
  // portions weighed.
  let { waves, id, line }: { waves: Schemas["Waves"]; id: number; line: number } = $props();
  let weights = $state("");
  let fault = $state("");
  const asked = new Latest();
  let weighed = $state.raw<{
    mean: string;
    spread: string;
    aim: string;
    off: string;
    drift: string;
    says: string;
  }>();

  async function weigh(): Promise<void> {
    if (!weights.trim()) {
      asked.letGo();
      return void ((weighed = undefined), (fault = ""));
    }
    const answer = await asked.of(
      ask(
        api.GET("/api/services/{id}/check-weigh", {
          params: { path: { id }, query: { line, weights } },
        }),
      ),
    );
    if (!answer) return;
    weighed = answer.data;
    fault = answer.problem ? plainly(answer.problem) : "";
  }
  const against = $derived(weighed && `against ${weighed.aim} (${weighed.off});`);
</script>

<section class="tray" aria-label="Serving {waves.salad_name}">
  <div class="flex flex-wrap items-baseline justify-between gap-x-4">
    <h2 class="text-xl">Serve: {waves.salad_name}</h2>
    <p class="quiet">{waves.style_name}. {waves.finish}</p>
  </div>
  <div class="my-3 grid grid-cols-2 gap-x-6 gap-y-3 @3xl:grid-cols-3 @6xl:grid-cols-6">
    <Fact
      label="Begin plating"
      of={waves.start_at}
      size="text-3xl"
      note="{waves.seconds.text} each, {waves.platers.text}"
    />
    <Fact label="Pace" of={waves.portions_per_minute} note={waves.tool} />
    <Fact label="Plating, a wave" of={waves.plating_minutes} />
    <Fact
      label="Waves"
      of={waves.waves}
      note={waves.dressed_in_waves ? "dressed wave by wave" : "mixed once, topped late"}
    />
    <Fact
      label="Portion by volume"
      of={waves.portion_ml}
      note="{waves.portion} on the scale, settles to {waves.settled_ml.text}"
    />
    <Fact label="On display, warm after" of={waves.warm_minutes} note="a wave as one lump" />
  </div>
  {#if waves.list.length > 1}
    <table class="w-full">
      <tbody>
        {#each waves.list as wave (wave.number)}
          <tr class="border-base-300 h-11 border-t"
            ><td class="w-28">Wave <b>{wave.number}</b></td><td class="text-lg tabular-nums"
              >{wave.from} to {wave.to}</td
            >{#if wave.dress_from}<td class="tabular-nums"
                ><span class="quiet">dress</span>
                <b class="text-lg">{wave.dress_from} to {wave.dress_by}</b></td
              >{/if}<td class="text-right text-lg"><b>{wave.covers}</b> covers</td><td
              class="w-32 text-right text-lg font-bold tabular-nums">{wave.grams}</td
            ></tr
          >
        {/each}
      </tbody>
    </table>
  {/if}
  <label class="no-print mt-3 flex flex-wrap items-center gap-3"
    >Check-weigh five portions, in order <input
      class="input h-11 w-80 text-lg"
      placeholder="338 342 335 340 347"
      maxlength="200"
      bind:value={weights}
      onchange={weigh}
    /></label
  >
  {#if fault}<p class="text-error font-semibold" role="alert">{fault}</p>{/if}
  {#if weighed}<p class="mt-1" role="status">
      <b class="text-xl">{weighed.mean}</b> on average, {weighed.spread}, {against}
      {weighed.drift}. <b>{weighed.says}</b>
    </p>{/if}
</section>
