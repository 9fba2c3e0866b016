<script lang="ts">
  import { api, ask, type Problem, type ShelfSalad } from "../api/client";
  import Fault from "../ui/Fault.svelte";
  import NewSalad from "./NewSalad.svelte";
  import SmallCut from "./SmallCut.svelte";

  // The shelf of salads, told apart by what they are made of.
  const MONTHS = [
    "January",
    "February",
    "March",
    "April",
    "May",
    "June",
    "July",
    "August",
    "September",
    "October",
    "November",
    "December",
  ];
  const HOLDS = [
    ["60", "an hour or more"],
    ["240", "4 hours or more"],
    ["1440", "overnight or more"],
  ] as const;

  let shelf = $state.raw<ShelfSalad[]>();
  let problem = $state.raw<Problem>();
  let find = $state("");
  let diet = $state("");
  let without = $state("");
  let base = $state("");
  let month = $state("");
  let hold = $state("");

  async function load(): Promise<void> {
    const answer = await ask(api.GET("/api/shelf"));
    shelf = answer.data;
    problem = answer.problem;
  }
  void load();

  const all = $derived(shelf ?? []);
  const unique = (words: string[]) => [...new Set(words)].sort();
  const shown = $derived(
    all.filter(
      (salad) =>
        (!find ||
          [salad.name, ...salad.layers.map((layer) => layer.name)]
            .join(" ")
            .toLowerCase()
            .includes(find.toLowerCase())) &&
        (!diet || salad.diets.includes(diet)) &&
        (!without || !salad.allergens.includes(without)) &&
        (!base || salad.base === base) &&
        (!month || !salad.months || salad.months.includes(Number(month))) &&
        (!hold || salad.best_minutes >= Number(hold)),
    ),
  );
</script>

<svelte:head><title>Salads · Scullion</title></svelte:head>

{#if problem}<Fault {problem} />{/if}
<div class="my-3 flex flex-wrap items-end gap-3">
  <h1 class="mr-auto text-3xl">Salads</h1>
  <a class="btn btn-outline h-11" href="/paste">Paste a recipe</a>
  <NewSalad />
</div>
<div class="mb-3 flex flex-wrap items-end gap-3">
  <label
    >Find <input
      class="input h-11 w-48 text-lg"
      type="search"
      maxlength="80"
      placeholder="barley, dill"
      bind:value={find}
    /></label
  >
  <label
    >For <select class="select h-11 w-40 text-lg" bind:value={diet}
      ><option value="">everyone</option
      >{#each unique(all.flatMap((salad) => salad.diets)) as each (each)}<option>{each}</option
        >{/each}</select
    ></label
  >
  <label
    >Without <select class="select h-11 w-36 text-lg" bind:value={without}
      ><option value="">–</option
      >{#each unique(all.flatMap((salad) => salad.allergens)) as each (each)}<option>{each}</option
        >{/each}</select
    ></label
  >
  <label
    >Built on <select class="select h-11 w-40 text-lg" bind:value={base}
      ><option value="">anything</option
      >{#each unique(all.map((salad) => salad.base)) as each (each)}<option>{each}</option
        >{/each}</select
    ></label
  >
  <label
    >In season <select class="select h-11 w-40 text-lg" bind:value={month}
      ><option value="">any month</option>{#each MONTHS as name, index (name)}<option
          value={String(index + 1)}>{name}</option
        >{/each}</select
    ></label
  >
  <label
    >Holds <select class="select h-11 w-44 text-lg" bind:value={hold}
      ><option value="">any time</option>{#each HOLDS as [minutes, words] (minutes)}<option
          value={minutes}>{words}</option
        >{/each}</select
    ></label
  >
</div>
<div class="grid gap-3 md:grid-cols-2 xl:grid-cols-3">
  {#each shown as salad (salad.key)}
    <a href="/salads/{salad.key}" class="tray hover:bg-base-200 flex gap-4">
      <SmallCut layers={salad.layers} id={salad.key} />
      <span class="min-w-0">
        <b class="text-xl break-words">{salad.name}</b><br />
        <span
          >{salad.portion} {salad.serves_as} · best dressed {salad.best} · {salad.cost} a serving</span
        ><br />
        <span class="quiet">{salad.diets.join(", ") || "no special diet"}</span><br />
        <span class="quiet"
          >{salad.allergens.length > 0
            ? `contains ${salad.allergens.join(", ")}`
            : "none of the 14 allergens"}</span
        >
      </span>
    </a>
  {:else}
    {#if shelf}<p class="tray md:col-span-2">
        {all.length === 0
          ? "No salad yet. Add one: a name such as Barley, roast carrot, dill, and what it is built on."
          : "No salad fits all of these."}
      </p>{/if}
  {/each}
</div>
