<script lang="ts">
  import { api, ask, type Problem, type Schemas } from "../api/client";
  import { Latest } from "../state/latest";
  import { listen, live } from "../state/live.svelte";
  import { go } from "../state/place.svelte";
  import Dot from "../ui/Dot.svelte";
  import Fault from "../ui/Fault.svelte";
  import Mark from "../ui/Mark.svelte";
  import { tomorrow, wallClock } from "../ui/clock";
  import OfferCard from "./OfferCard.svelte";

  // What is left, as a cook writes it and as it stands in the cold room; and what to make of it.
  const [KEPT, SAID] = ["left", "left-said"];
  const STILL = 400;
  const EXAMPLE =
    "half a cucumber, tired\n2 heels of bread\n500 g roast carrots from yesterday\n3 soft tomatoes";
  const SIZES = ["side", "starter", "main"] as const;
  const SUITS = ["vegan", "vegetarian", "gluten-free", "dairy-free", "egg-free", "nut-free"] as const;
  let left = $state(localStorage.getItem(KEPT) ?? "");
  let covers = $state(20);
  let date = $state(tomorrow());
  let [from, to] = $state(["12:00", "13:00"]);
  let servesAs = $state<(typeof SIZES)[number]>("main");
  let suits = $state<(typeof SUITS)[number][]>([]);
  let lots = $state(true);
  let answer = $state.raw<Schemas["LeftOvers"] | undefined>(
    JSON.parse(localStorage.getItem(SAID) ?? "null") ?? undefined,
  );
  let problem = $state.raw<Problem>();
  let busy = $state(false);
  const asked = $derived({ left, covers, date, from, to, serves_as: servesAs, suits, lots });
  const query = () => ({ query: { now: wallClock() } });

  listen();

  // A moment after the writing stands still, and again when the net is back; of several under way the latest
  // counts. Without a net what is written stays on this device, with what was worked out last.
  const asking = new Latest();
  $effect(() => {
    const body = asked;
    localStorage.setItem(KEPT, body.left);
    if (!body.covers || live.lost) return;
    asking.letGo();
    const soon = setTimeout(() => {
      void asking.of(ask(api.POST("/api/use-up", { params: query(), body }))).then((said) => {
        if (!said) return;
        answer = said.data ?? answer;
        if (said.data) localStorage.setItem(SAID, JSON.stringify(said.data));
        problem = said.problem;
      });
    }, STILL);
    return () => clearTimeout(soon);
  });

  async function make(offer: Schemas["LeftOvers"]["offers"][number]): Promise<void> {
    busy = true;
    const name = `${offer.name}, ${covers}`.slice(0, 120);
    const { data, problem: fault } = await ask(
      api.POST("/api/use-up/services", { params: query(), body: { asked, take: offer.id, name } }),
    );
    busy = false;
    problem = fault;
    if (data) go(`/services/${data.id}/build`);
  }
</script>

<svelte:head><title>Use it up · Scullion</title></svelte:head>

<div class="my-3 flex flex-wrap items-center gap-x-5 gap-y-2">
  <h1 class="text-3xl">Use it up</h1>
  {#if answer}<p class="quiet grow">{answer.grams} would be lost, worth about {answer.worth}</p>{/if}
  <a class="btn btn-outline h-11" href="/record">The cold room</a>
</div>
{#if problem}<Fault {problem} />{/if}
{#if live.lost}<p class="tray mb-3 text-lg" role="status">
    <Mark kind="look" /> No net. What you write is kept on this device, and worked out as soon as the net
    is back.
    {#if answer}What stands here is of before.{/if}
  </p>{/if}
<div class="grid items-start gap-3 lg:grid-cols-[minmax(0,1fr)_minmax(0,1.7fr)]">
  <section class="tray" aria-label="What is left">
    <label class="text-xl font-bold" for="left">What is left</label>
    <textarea
      id="left"
      class="textarea mt-1 min-h-32 w-full text-lg"
      rows={Math.max(4, left.split("\n").length + 1)}
      maxlength="8000"
      placeholder={EXAMPLE}
      bind:value={left}></textarea>
    <ul aria-label="What becomes of it">
      {#each answer?.left ?? [] as line, index (index)}
        <li
          class={[
            "border-base-300 grid grid-cols-[1.5rem_minmax(0,1fr)_auto] items-baseline gap-x-2",
            "border-t py-1",
          ]}
        >
          {#if line.fate === "bin"}<Mark kind="stop" />{:else if line.fate === "ask"}<Mark
              kind="look"
            />{:else}<Dot colour={line.colour ?? "#888"} />{/if}
          <span class={line.fate === "bin" ? "line-through" : ""}
            >{line.name ?? line.text}
            {#if line.conditions.length > 0}<span class="quiet"
                >{line.conditions.join(", ").toLowerCase()}</span
              >{/if}</span
          >
          <b class="text-right tabular-nums"
            >{line.fate === "bin"
              ? "into the bin"
              : line.fate === "ask"
                ? "say more"
                : line.usable === line.grams
                  ? line.usable
                  : `${line.usable} of ${line.grams}`}</b
          >
          {#if line.why}<p class="quiet col-start-2 col-end-4 text-sm" title={line.source}>
              {line.why}
            </p>{/if}
        </li>
      {/each}
    </ul>
    <label class="border-base-300 flex min-h-11 items-center gap-2 border-t"
      ><input type="checkbox" class="toggle toggle-lg" bind:checked={lots} /><span class="grow"
        >What is in the cold room too</span
      ><b class="tabular-nums">{answer?.lots.length ?? 0} lots</b></label
    >
    <ul>
      {#each answer?.lots ?? [] as lot (lot.code)}
        <li class="flex items-baseline gap-2 py-0.5">
          <Dot colour={lot.colour} /><a class="link grow" href="/record/{lot.code}"
            >{lot.code} {lot.name}</a
          ><b class="tabular-nums">{lot.text}</b>
        </li>
      {/each}
    </ul>
  </section>
  <div class="grid gap-3">
    <section class="tray flex flex-wrap items-end gap-x-4 gap-y-2" aria-label="For whom">
      <label class="grid"
        >For so many <input
          class="input h-11 w-24 text-lg font-bold"
          type="number"
          min="1"
          max="5000"
          bind:value={covers}
        /></label
      >
      <label class="grid">On <input class="input h-11" type="date" required bind:value={date} /></label>
      <label class="grid"
        >From <input class="input h-11 w-36" type="time" required bind:value={from} /></label
      >
      <label class="grid"
        >To <input class="input h-11 w-36" type="time" required bind:value={to} /></label
      >
      <div class="join" role="radiogroup" aria-label="As a">
        {#each SIZES as size (size)}<button
            role="radio"
            aria-checked={servesAs === size}
            class={["btn join-item h-11", servesAs === size ? "btn-primary" : "btn-outline"]}
            onclick={() => (servesAs = size)}>{size}</button
          >{/each}
      </div>
      <fieldset class="flex w-full flex-wrap items-center gap-x-4">
        <legend class="sr-only">All of it must be</legend>
        <span class="quiet" aria-hidden="true">All of it</span>
        {#each SUITS as suit (suit)}<label class="flex min-h-11 items-center gap-2"
            ><input type="checkbox" class="checkbox" value={suit} bind:group={suits} />{suit}</label
          >{/each}
      </fieldset>
    </section>
    {#each answer?.offers ?? [] as offer (offer.id)}
      <OfferCard {offer} {busy} onmake={() => make(offer)} />
    {:else}
      <p class="tray text-lg">
        {#if answer && (answer.lots.length > 0 || answer.left.some((line) => line.fate === "use"))}Nothing
          of this makes a salad that holds from {from} to {to}, is balanced and suits everyone. Ask for
          fewer hours, another size or fewer covers.{/if}
        Write what is left, one thing a line, as you would say it: how much, and how it is. What is bad goes
        into the bin first; of the rest, what takes most of it stands here.
      </p>
    {/each}
  </div>
</div>
