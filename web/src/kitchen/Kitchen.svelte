<script lang="ts">
  import {
    api,
    ask,
    type HouseRules,
    type KitchenChoices,
    type KitchenRecord,
    type Problem,
    type Starter,
  } from "../api/client";
  import BackUps from "./BackUps.svelte";
  import Devices from "./Devices.svelte";
  import OwnHand from "./OwnHand.svelte";
  import CalibratePot from "./CalibratePot.svelte";
  import Fault from "../ui/Fault.svelte";
  import HouseMeasures from "./HouseMeasures.svelte";
  import Initials from "../ui/Initials.svelte";
  import KitchenList from "./KitchenList.svelte";
  import RulesEditor from "./RulesEditor.svelte";
  import StarterKitchens from "./StarterKitchens.svelte";
  import ToolShelf from "./ToolShelf.svelte";
  import { LISTS, type Row } from "./lists";
  import { units } from "../state/units.svelte";

  // The kitchen that everything is planned in: vessels, heat, cold, tools, hands, how it measures,
  // and the house rules it chose. Saved whole; what was typed stays until it is right.
  let kitchen = $state.raw<KitchenRecord>();
  let rules = $state.raw<HouseRules[]>([]);
  let choices = $state.raw<KitchenChoices>();
  let missing = $state.raw<Problem>();
  let problem = $state.raw<Problem>();
  let saved = $state("");
  const chosen = $derived(rules.find((set) => set.key === kitchen?.house_rules));

  async function load(): Promise<void> {
    const [ours, sets, can] = await Promise.all([
      ask(api.GET("/api/kitchen")),
      ask(api.GET("/api/house-rules")),
      ask(api.GET("/api/kitchen/choices")),
    ]);
    kitchen = ours.data;
    rules = sets.data ?? [];
    choices = can.data;
    missing = ours.problem ?? sets.problem ?? can.problem;
  }
  void load();

  function put(change: Partial<KitchenRecord>): void {
    kitchen = { ...kitchen!, ...change };
    saved = "";
  }

  function begin({ key: _key, why: _why, ...starter }: Starter): void {
    put({ ...starter, measures: kitchen!.measures });
    saved = "";
  }

  function calibrated(fresh: KitchenRecord): void {
    put({
      version: fresh.version,
      pots: kitchen!.pots.map((pot) => ({
        ...pot,
        boil_factor: fresh.pots.find((other) => other.key === pot.key)?.boil_factor,
      })),
    });
    saved = "Its rate is set. Every plan follows it.";
  }

  // A cook without a break leaves its times out.
  const withoutEmpty = (cook: KitchenRecord["cooks"][number]) =>
    Object.fromEntries(
      Object.entries(cook).filter(([, value]) => value !== "" && value !== undefined),
    ) as typeof cook;

  async function save(): Promise<void> {
    const answer = await ask(
      api.PUT("/api/kitchen", { body: { ...kitchen!, cooks: kitchen!.cooks.map(withoutEmpty) } }),
    );
    problem = answer.problem;
    if (answer.data) {
      kitchen = answer.data;
      units.take(answer.data.measures);
      rules = (await ask(api.GET("/api/house-rules"))).data ?? rules;
      saved = "Saved. Every plan follows it.";
    }
  }
</script>

<svelte:head><title>Kitchen · Scullion</title></svelte:head>

<div class="my-3 flex flex-wrap items-center gap-3">
  <h1 class="mr-auto text-3xl">Kitchen</h1>
  <Initials /><StarterKitchens onchosen={begin} />
</div>
<Fault problem={problem ?? missing} />
{#if kitchen}
  {@const ours = kitchen}
  <form
    class="grid gap-3"
    oninput={() => (saved = "")}
    onsubmit={(event) => {
      event.preventDefault();
      void save();
    }}
  >
    <section class="tray grid content-start gap-3 sm:grid-cols-2 lg:grid-cols-4">
      <label class="sm:col-span-2"
        >Name <input
          class="input h-11 w-full text-lg"
          maxlength="120"
          value={ours.name}
          oninput={(event) => put({ name: event.currentTarget.value })}
        /></label
      >
      <label
        >House rules <select
          class="select h-11 w-full text-lg"
          value={ours.house_rules}
          onchange={(event) => put({ house_rules: event.currentTarget.value })}
          >{#each rules as set (set.key)}<option value={set.key}>{set.name}</option>{/each}</select
        ></label
      >
      <HouseMeasures measures={ours.measures} onmeasures={(measures) => put({ measures })} />
      {#if chosen}<RulesEditor rules={chosen} onsaved={(all) => (rules = all)} />{/if}
      {#if chosen}<p class="quiet sm:col-span-2 lg:col-span-4">{chosen.words}</p>{/if}
    </section>
    <div class="gap-3 lg:columns-2">
      {#each LISTS as of (of.list)}
        <KitchenList
          {of}
          rows={ours[of.list as keyof KitchenRecord] as unknown as Row[]}
          choices={of.list === "cooks" ? choices?.skills : choices?.coolings}
          onrows={(rows) => put({ [of.list]: rows })}
        >
          {#snippet extra(row)}
            {#if of.list === "pots"}<CalibratePot
                pot={row}
                version={ours.version}
                oncalibrated={calibrated}
              />{/if}
          {/snippet}
        </KitchenList>
      {/each}
    </div>
    {#if choices}
      <ToolShelf
        tools={choices.tools}
        owned={ours.tools.map((tool) => tool.key)}
        onowned={(keys) => put({ tools: keys.map((key) => ({ key })) })}
        onrates={async () => (choices = (await ask(api.GET("/api/kitchen/choices"))).data)}
      />
    {/if}
    <div class="bg-base-200 sticky bottom-0 flex items-center gap-4 py-3">
      <button class="btn btn-primary h-11">Save the kitchen</button>
      <span role="status" class="text-success font-semibold">{saved}</span>
    </div>
  </form>
{/if}
<OwnHand />
<Devices />
<BackUps />
