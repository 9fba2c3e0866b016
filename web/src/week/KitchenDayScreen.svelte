<script lang="ts">
  import DayTaskCard from "../service/day/DayTaskCard.svelte";
  import Fault from "../ui/Fault.svelte";
  import Mark from "../ui/Mark.svelte";
  import { later, shortDay } from "../ui/dates";
  import CookSheets from "../service/day/CookSheets.svelte";
  import KitchenStrands from "./KitchenStrands.svelte";
  import { KitchenDay } from "./kitchenday.svelte";
  import { linesOf, worksOn } from "./shares";

  // Everything that the kitchen does on one date, whatever service it is for, as one picture.
  let { date }: { date: string } = $props();
  const PHONE = 640;
  let wide = $state(innerWidth);
  // The screen is made anew for another date.
  // svelte-ignore state_referenced_locally
  const kitchen = new KitchenDay(date);
  void kitchen.load();

  const laid = $derived(
    (kitchen.shares ?? []).filter(({ day }) => day.roster && worksOn(date, day.roster)),
  );
  const waiting = $derived((kitchen.shares ?? []).filter(({ day }) => !day.roster && !day.problem));
  const unlaid = $derived((kitchen.shares ?? []).filter(({ day }) => day.problem));
  const sheets = $derived(
    linesOf(
      date,
      laid.map(({ service, day }) => ({
        of: { day, service: service.name },
        roster: day.roster!,
      })),
    ),
  );
  const chosen = $derived(laid.find(({ day }) => day.task));
  $effect(() => {
    for (const share of laid) if (share.day.chosen) kitchen.hold(share);
  });
</script>

<svelte:window bind:innerWidth={wide} />
<svelte:head><title>The kitchen on {shortDay(date)} · Scullion</title></svelte:head>

<Fault problem={kitchen.problem} />
{#each unlaid as { service, day } (service.id)}
  <p class="mt-3"><b>{service.name}</b></p>
  <Fault problem={day.problem} />
{/each}
<div class="my-3 flex flex-wrap items-center gap-3">
  <h1 class="mr-auto text-3xl">The kitchen on {shortDay(date)}</h1>
  {#if kitchen.undo}<button
      class="btn btn-outline no-print h-11"
      onclick={() => {
        kitchen.undo?.back();
        kitchen.undo = undefined;
      }}>Undo</button
    >{/if}
  <a class="btn btn-outline no-print h-11" href="/days/{later(date, -1)}">Day before</a>
  <a class="btn btn-outline no-print h-11" href="/days/{later(date, 1)}">Day after</a>
  <button class="btn btn-outline no-print h-11" onclick={() => print()}>Print</button>
</div>
{#if laid.length > 0}
  <section class="tray">
    {#if wide < PHONE}<CookSheets {sheets} />{:else}
      <KitchenStrands {date} {kitchen} shares={laid} />
      <p class="quiet no-print mt-1 text-sm">
        Solid is hands on, hatched waits, orange heats; shaded is doors to the last guest. Choose a bar:
        green is where it may begin. Drag it, or use the arrow keys.
      </p>
    {/if}
  </section>
  {#if chosen}<div class="mt-3"><DayTaskCard day={chosen.day} /></div>{/if}
{/if}
{#if waiting.length > 0}<p class="quiet p-4" role="status">
    Laying out {waiting.map(({ service }) => `${service.name}, ${shortDay(service.date)}`).join("; ")} …
  </p>{:else if laid.length === 0 && kitchen.shares && unlaid.length === 0}<p class="tray">
    <span class="flex items-center gap-2"
      ><Mark kind="fits" /> Nothing to be served on this day, and nothing to be made ahead for the next.</span
    >
  </p>{/if}
