<script lang="ts">
  import { api, ask, type IngredientSummary, type Problem } from "../api/client";
  import Dot from "../ui/Dot.svelte";
  import Fault from "../ui/Fault.svelte";
  import LarderTable from "./LarderTable.svelte";
  import IngredientCard from "./IngredientCard.svelte";

  // Find an ingredient by any name, and see what it becomes and where its figures come from.
  let { chosen }: { chosen: string | undefined } = $props();
  const ALLERGENS = [
    "gluten",
    "crustaceans",
    "eggs",
    "fish",
    "peanuts",
    "soya",
    "milk",
    "nuts",
    "celery",
    "mustard",
    "sesame",
    "sulphites",
    "lupin",
    "molluscs",
  ];
  const MISSING = {
    anything: "something its family needs",
    own: "figures of its own",
    pieces: "piece weights",
    cuts: "cuts",
    trims: "trims",
    aliases: "other names",
  } as const;

  let find = $state("");
  let family = $state("");
  let without = $state("");
  let missing = $state<keyof typeof MISSING | "">("");
  let families = $state.raw<string[]>([]);
  let shelf = $state.raw<IngredientSummary[]>();
  let problem = $state.raw<Problem>();
  let again = $state(0);
  let field: HTMLInputElement;

  $effect(() => {
    void again;
    const query = {
      find: find || undefined,
      family: family || undefined,
      without: without || undefined,
      missing: missing || undefined,
    };
    let stale = false;
    void ask(api.GET("/api/ingredients", { params: { query } })).then((answer) => {
      if (stale) return;
      shelf = answer.data;
      problem = answer.problem;
      if (answer.data && families.length === 0)
        families = [...new Set(answer.data.map((each) => each.family))].sort();
    });
    return () => (stale = true);
  });

  function keys(event: KeyboardEvent): void {
    if (event.key !== "/" || (event.target as Element).closest?.("input, select")) return;
    event.preventDefault();
    field.focus();
  }
</script>

<svelte:window onkeydown={keys} />
<svelte:head><title>Larder · Scullion</title></svelte:head>

{#if problem}<Fault {problem} />{/if}
<div class="my-3 flex flex-wrap items-end gap-3">
  <h1 class="mr-auto text-3xl">Larder</h1>
  <label
    >Find, by any name <input
      bind:this={field}
      class="input h-11 w-64 text-lg"
      type="search"
      maxlength="80"
      placeholder="zucchini, garbanzo, burghul"
      bind:value={find}
    /></label
  >
  <label
    >Family <select class="select h-11 w-40 text-lg" bind:value={family}
      ><option value="">all</option>{#each families as each (each)}<option>{each}</option
        >{/each}</select
    ></label
  >
  <label
    >Without <select class="select h-11 w-36 text-lg" bind:value={without}
      ><option value="">–</option>{#each ALLERGENS as each (each)}<option>{each}</option>{/each}</select
    ></label
  >
  <label
    >Missing <select class="select h-11 w-52 text-lg" bind:value={missing}
      ><option value="">–</option>{#each Object.entries(MISSING) as [each, words] (each)}<option
          value={each}>{words}</option
        >{/each}</select
    ></label
  >
</div>
<div class="mb-3 flex flex-wrap gap-3"><LarderTable onwritten={() => (again += 1)} /></div>
<div class="grid items-start gap-3 lg:grid-cols-[22rem_minmax(0,1fr)]">
  <nav
    class="tray max-h-[75vh] overflow-y-auto p-0! {chosen ? 'hidden lg:block' : ''}"
    aria-label="Ingredients"
  >
    {#each shelf ?? [] as each (each.key)}
      <a
        href="/larder/{each.key}"
        aria-current={each.key === chosen ? "page" : undefined}
        class={[
          "border-base-300 flex min-h-14 items-center gap-3 border-b px-3 py-2",
          "last:border-0",
          each.key === chosen ? "bg-base-200 shadow-[inset_6px_0_0_var(--rim)]" : "hover:bg-base-200",
        ]}
      >
        <Dot colour={each.colour} />
        <span class="min-w-0 grow"
          ><b>{each.name}</b>{#if each.aliases.length > 0}<br /><span class="quiet"
              >{each.aliases.join(", ")}</span
            >{/if}</span
        >
        <span class="quiet text-right">{each.allergens.join(", ")}</span>
      </a>
    {:else}
      {#if shelf}<p class="p-4">
          Nothing by that name{family || without || missing ? " with these filters" : ""}. Try a part of
          it, or another name for it.
        </p>{/if}
    {/each}
  </nav>
  {#if chosen}
    {#key chosen}<IngredientCard key={chosen} onchanged={() => (again += 1)} />{/key}
  {:else}
    <p class="tray quiet hidden lg:block">
      {shelf?.length ?? 0} ingredients. Choose one to see what a kilo becomes, and who says so.
    </p>
  {/if}
</div>
