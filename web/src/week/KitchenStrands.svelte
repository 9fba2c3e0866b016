<script lang="ts">
  import Mark from "../ui/Mark.svelte";
  import StrandHours from "../service/day/StrandHours.svelte";
  import StrandLane from "../service/day/StrandLane.svelte";
  import StrandRange from "../service/day/StrandRange.svelte";
  import StrandBar from "../service/day/StrandBar.svelte";
  import { DRESSING, minutesPerPixel, placed, placeOf } from "../service/day/strands";
  import { minutesOf, wallClock } from "../ui/clock";
  import { shortDay } from "../ui/dates";
  import { cooksOf, hoursOn, waysOn, type Way } from "./shares";
  import type { KitchenDay, Share } from "./kitchenday.svelte";

  // The kitchen's cooks on top, whatever service they work for; below, service by service, each salad's way
  // in as few rows as it takes.
  let { date, kitchen, shares }: { date: string; kitchen: KitchenDay; shares: Share[] } = $props();

  const LABEL = 200;
  const HEAD = 22;
  const COOK = 24;
  const NAME = 24;
  const LEAST = 20;
  const LETTER = 7.2;
  // What stands above and below the drawing, so that all of it is seen at once where that can be.
  const AROUND = 250;
  const [SLIM, WIDE] = [16, 24];
  let width = $state(900);
  let tall = $state(innerHeight);

  const rosters = $derived(shares.map(({ day }) => day.roster!));
  const stretches = $derived(hoursOn(date, rosters, Math.max(width - LABEL - 8, 240)));
  $effect(() => {
    kitchen.perPixel = minutesPerPixel(stretches);
  });
  const x = (minute: number) => LABEL + placeOf(stretches, minute);
  const axis = $derived({ x, first: stretches[0]!.from, last: stretches[0]!.to });
  const now = $derived(wallClock().startsWith(date) ? minutesOf(wallClock()) : undefined);
  const cooks = $derived(
    cooksOf(
      date,
      shares.map((share) => ({ of: share, roster: share.day.roster!, name: share.service.name })),
    ),
  );
  const food = (name: string) => name.split(":")[0]!.split(",")[0]!;

  // The first of these that there is room for; whose hands it takes, if nothing else.
  const fitting = (texts: string[], room: number) =>
    texts.find((text) => text.length * LETTER + 6 <= room) ?? "";

  type Laid = Way & { top: number; height: number };
  type Block = { share: Share; top: number; height: number; ways: Laid[] };
  const laid = $derived.by(() => {
    let top = HEAD + cooks.length * COOK + 8;
    const all = shares.map((share) => ({
      share,
      ways: waysOn(date, share.day.roster!, DRESSING).filter((way) => way.drawn.length > 0),
    }));
    const rows = all.flatMap(({ ways }) => ways).reduce((sum, way) => sum + way.rows, 0);
    const room = tall - AROUND - top - all.length * (NAME + 6);
    const row = Math.min(Math.max(Math.floor(room / Math.max(rows, 1)), SLIM), WIDE);
    const blocks = all.map(({ share, ways }): Block => {
      const begins = top;
      top += NAME;
      const below = ways.map((way) => {
        const height = Math.max(way.rows * row + 4, LEAST);
        const laid = { ...way, top, height };
        top += height;
        return laid;
      });
      top += 6;
      return { share, top: begins, height: top - begins, ways: below };
    });
    return { blocks, row, height: top };
  });
  // How sure it is; or what is wrong, where it is not in time or not safe.
  const said = ({ day }: Share) => {
    const roster = day.roster!;
    if (!roster.works) return roster.says[0] ?? "Not in time.";
    return roster.stops > 0 ? "Not to be cooked by as it is." : (day.chance?.said ?? "");
  };
  // As in the list of services: in time as planned, and sure enough.
  const mark = ({ day }: Share) => {
    if (day.roster!.stops > 0) return "stop";
    return day.roster!.works && day.chance?.enough !== false ? "fits" : "look";
  };
  const served = ({ day }: Share) => day.roster!.service.date === date;
</script>

<svelte:window bind:innerHeight={tall} />

<div
  class="relative"
  bind:clientWidth={width}
  style:height="{laid.height}px"
  role="group"
  aria-label="The kitchen's day"
>
  <StrandHours {stretches} {axis} {now} />

  {#each cooks as cook, index (cook.name)}
    {@const top = HEAD + index * COOK}
    <b class="absolute left-0" style:top="{top}px">{cook.name}</b>
    {#each cook.lanes as { of, lane } (of.service.id)}
      <StrandRange
        mover={of.mover}
        keys={lane.bars.map((bar) => bar.task.key)}
        {axis}
        {top}
        height={COOK - 3}
      />
      <StrandLane {lane} {axis} {top} height={COOK - 3} mover={of.mover} />
    {/each}
  {/each}

  {#each laid.blocks as { share, top, height, ways } (share.service.id)}
    {@const roster = share.day.roster!}
    <div class="border-base-content/50 absolute inset-x-0 border-t-2" style:top="{top - 2}px"></div>
    {#if served(share)}<div
        class="bg-accent/10 border-accent absolute border-x-2"
        style:top="{top + NAME}px"
        style:height="{Math.max(height - NAME - 4, 2)}px"
        style:left="{x(minutesOf(roster.service.from))}px"
        style:width="{x(minutesOf(roster.service.to)) - x(minutesOf(roster.service.from))}px"
      ></div>{/if}
    <div
      class="absolute left-0 flex max-w-full items-center gap-2 whitespace-nowrap"
      style:top="{top}px"
      style:height="{NAME}px"
    >
      <Mark kind={mark(share)} />
      <a class="link font-semibold" href="/services/{share.service.id}/day">{share.service.name}</a>
      <span class="quiet shrink-0"
        >{served(share) ? "" : `${shortDay(share.service.date)}, `}{share.service.from} to {share
          .service.to}, {share.service.covers} covers</span
      >
      <span class="truncate" title={said(share)}>{said(share)}</span>
    </div>
    {#each ways as way (way.at)}
      <span
        class="absolute left-0 truncate text-sm"
        style:top="{way.top}px"
        style:width="{LABEL - 6}px"
        title={way.salad}>{way.salad}</span
      >
      <StrandRange
        mover={share.mover}
        keys={way.drawn.map(({ piece }) => piece.task.key)}
        {axis}
        top={way.top}
        height={way.height}
      />
      {#each way.drawn as { piece, row, food: name, colour } (`${piece.task.key} ${piece.from}`)}
        {@const place = placed(
          axis,
          piece,
          share.mover.shift(piece.task),
          way.top + row * laid.row,
          laid.row - 1,
        )}
        <StrandBar
          {piece}
          mover={share.mover}
          {place}
          {colour}
          text={fitting(
            [`${food(name)} ${piece.cook ?? ""}`.trim(), food(name), piece.cook ?? ""],
            place.width,
          )}
          where="{way.salad}, {share.service.name}"
        />
      {/each}
    {/each}
  {/each}
</div>
