<script lang="ts">
  import { api, ask, type HouseRules, type KitchenRecord, type Problem } from "../api/client";
  import Fault from "../parts/Fault.svelte";
  import VesselTable, { type Vessel } from "../parts/VesselTable.svelte";

  // The kitchen that everything is planned in: vessels, heat, and the house rules it chose.
  // Saved whole, when something was changed; what was typed stays until it is right.
  let kitchen = $state.raw<KitchenRecord>();
  let rules = $state.raw<HouseRules[]>([]);
  let problem = $state.raw<Problem>();
  let saved = $state("");
  const chosen = $derived(rules.find((set) => set.key === kitchen?.house_rules));

  async function load(): Promise<void> {
    const [ours, sets] = await Promise.all([ask(api.GET("/api/kitchen")), ask(api.GET("/api/house-rules"))]);
    kitchen = ours.data;
    rules = sets.data ?? [];
    problem = ours.problem ?? sets.problem;
  }
  void load();

  function put(list: string, rows: Vessel[]): void {
    kitchen = { ...kitchen!, [list]: rows };
    saved = "";
  }

  async function save(): Promise<void> {
    const answer = await ask(api.PUT("/api/kitchen", { body: kitchen! }));
    problem = answer.problem;
    if (answer.data) {
      kitchen = answer.data;
      saved = "Saved. Every plan follows it.";
    }
  }

  const TABLES = [
    { list: "pots", title: "Pots", sizes: { diameter_cm: "cm across", height_cm: "cm deep" } },
    { list: "trays", title: "Trays", sizes: { length_cm: "cm long", width_cm: "cm wide", count: "of them" } },
    { list: "pans", title: "Pans", sizes: { diameter_cm: "cm across" } },
    { list: "bowls", title: "Mixing bowls", sizes: { litres: "litres", count: "of them" } },
    { list: "ovens", title: "Ovens", sizes: { positions: "tray positions" } },
  ] as const;
</script>

<svelte:head><title>Kitchen · Scullion</title></svelte:head>

<h1 class="my-3 text-3xl">Kitchen</h1>
{#if problem}<Fault {problem} />{/if}
{#if kitchen}
  <form
    class="grid gap-3 lg:grid-cols-2"
    oninput={() => (saved = "")}
    onsubmit={(event) => {
      event.preventDefault();
      void save();
    }}
  >
    <section class="tray grid content-start gap-3 sm:grid-cols-2">
      <label>Name <input class="input h-11 w-full text-lg" maxlength="120" value={kitchen.name} oninput={(event) => (kitchen = { ...kitchen!, name: event.currentTarget.value })} /></label>
      <label>Strongest burner, kW <input class="input h-11 w-full text-lg" type="number" step="any" value={kitchen.burner_kw} oninput={(event) => (kitchen = { ...kitchen!, burner_kw: event.currentTarget.valueAsNumber })} /></label>
      <label>House rules <select class="select h-11 w-full text-lg" value={kitchen.house_rules} onchange={(event) => (kitchen = { ...kitchen!, house_rules: event.currentTarget.value })}>{#each rules as set (set.key)}<option value={set.key}>{set.name}</option>{/each}</select></label>
      {#if chosen}
        <p class="quiet sm:col-span-2">
          Cold at {chosen.cold_celsius} °C or less, hot at {chosen.hot_celsius} °C or more. Out of the cold {chosen.out_minutes / 60} h at most. Kept {chosen.days} days, the day it is made
          being the first. Cooled to {chosen.first_celsius} °C in {chosen.first_minutes / 60} h and to {chosen.cold_celsius} °C in {chosen.cooled_minutes / 60} h in all. Your local code and your
          food-safety lead decide.
        </p>
      {/if}
    </section>
    {#each TABLES as { list, title, sizes } (list)}
      <VesselTable {title} {sizes} kind={list} rows={kitchen[list] as Vessel[]} onrows={(rows) => put(list, rows)} />
    {/each}
    <div class="flex items-center gap-4 lg:col-span-2">
      <button class="btn btn-primary h-11">Save the kitchen</button>
      <span role="status" class="text-success font-semibold">{saved}</span>
    </div>
  </form>
{/if}
