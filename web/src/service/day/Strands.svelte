<script lang="ts">
  import Dot from "../../ui/Dot.svelte";
  import { clockOf, minutesOf, momentOf } from "../../ui/clock";
  import { shortDay } from "../../ui/dates";
  import type { DayOf, DayTask } from "./day.svelte";
  import { Mover } from "./mover.svelte";
  import { lanesOf } from "./lanes";
  import StrandBar from "./StrandBar.svelte";
  import StrandHours from "./StrandHours.svelte";
  import StrandLane from "./StrandLane.svelte";
  import StrandRange from "./StrandRange.svelte";
  import {
    DRESSING,
    minutesPerPixel,
    piecesOf,
    placed,
    placeOf,
    rowsOf,
    stretchesOf,
    type Piece,
  } from "./strands";

  // The day by what is made: hands on top, a slim lane a cook; below, each food's own way from the bench into
  // the bowl of its salad. Days before fold into a margin that opens; heat and vessels fold away.
  let { day, before, equipment }: { day: DayOf; before: boolean; equipment: boolean } = $props();

  const LABEL = 200;
  const MARGIN = 66;
  const HEAD = 40;
  const COOK = 24;
  const FOOD = 20;
  const SALAD = 25;
  let width = $state(900);

  const roster = $derived(day.roster!);
  const lead = $derived(LABEL + (before ? 0 : MARGIN));
  const stretches = $derived(stretchesOf(roster, Math.max(width - lead - 8, 240), before));
  const mover = new Mover(
    () => day,
    () => minutesPerPixel(stretches),
  );
  const x = (minute: number) => lead + placeOf(stretches, minute);
  const end = $derived(lead + stretches.at(-1)!.right);
  const first = $derived(stretches[0]!.from);
  const axis = $derived({ x, first, last: stretches.at(-1)!.to });
  const tasks = $derived(new Map(roster.tasks.map((task) => [task.key, task])));
  const tasksOf = (keys: string[]): DayTask[] =>
    keys.flatMap((key) => tasks.get(key) ?? []).filter((task) => task.placed);
  const doors = $derived(minutesOf(roster.service.from));
  const last = $derived(minutesOf(roster.service.to));
  const now = $derived(roster.now ? minutesOf(roster.now) : undefined);

  const lanes = $derived(lanesOf(roster));
  const cooks = $derived(lanes.filter((lane) => lane.kind === "cook"));
  const vessels = $derived(
    equipment ? lanes.filter((lane) => lane.kind !== "cook" && lane.bars.length > 0) : [],
  );

  // Each row with where it lies; a salad's dressing is drawn on the salad's own row.
  type Food = {
    name: string;
    colour: string;
    tasks: DayTask[];
    ready: number;
    into: number[];
    top: number;
  };
  const laid = $derived.by(() => {
    let top = HEAD + cooks.length * COOK + 6;
    const salads = roster.strands.map((strand) => {
      const foods = strand.rows
        .filter((row) => row.preparation)
        .map((row) => {
          const food: Food = {
            name: row.name,
            colour: row.colour ?? "#888888",
            tasks: tasksOf(row.tasks),
            ready: minutesOf(row.ready_at),
            into: row.into.map(minutesOf),
            top,
          };
          top += FOOD;
          return food;
        });
      const own = {
        ...strand,
        foods,
        top,
        dressing: tasksOf(strand.rows.filter((row) => !row.preparation).flatMap((row) => row.tasks)),
        own: tasksOf(strand.tasks),
      };
      top += SALAD + 4;
      return own;
    });
    const vessel = vessels.map((lane) => {
      const row = { lane, top };
      top += lane.rows * FOOD + 4;
      return row;
    });
    return { salads, vessels: vessel, height: top };
  });

  // What of a stretch is drawn: nothing of days that are folded away.
  const seen = (piece: Piece) => piece.to > axis.first;
  const drawn = (piece: Piece, top: number, height: number) =>
    placed(axis, piece, mover.shift(piece.task), top, height);
  const from = (row: Food) => Math.min(...row.tasks.map((task) => minutesOf(task.start)));
  // Of what begins on a day before, when.
  const begun = (row: Food) => {
    const begins = from(row);
    return begins < first
      ? `${shortDay(momentOf(begins).slice(0, 10)).split(" ")[0]} ${clockOf(begins)}`
      : "";
  };
  const keysOf = (list: DayTask[]) => list.map((task) => task.key);
  const curve = (food: Food, minute: number, to: number) => {
    const [at, down] = [x(minute), food.top + FOOD / 2];
    return `M ${at - 5} ${down} C ${at + 8} ${down}, ${at - 6} ${to}, ${at} ${to}`;
  };
</script>

<div
  class="relative"
  bind:clientWidth={width}
  style:height="{laid.height}px"
  role="group"
  aria-label="The day by what is made"
>
  <div
    class="bg-accent/10 border-accent absolute bottom-0 border-x-2"
    style:top="{HEAD - 20}px"
    style:left="{x(doors)}px"
    style:width="{x(last) - x(doors)}px"
  >
    <span class="text-accent absolute top-0 left-1 text-sm font-bold whitespace-nowrap">doors</span>
  </div>
  <StrandHours {stretches} {axis} {now} />
  {#each stretches.slice(0, before ? undefined : 0) as stretch (stretch.from)}
    <b class="absolute text-sm whitespace-nowrap" style:top="16px" style:left="{lead + stretch.left}px"
      >{shortDay(momentOf(stretch.from).slice(0, 10))}</b
    >
  {/each}

  {#each cooks as lane, index (lane.key)}
    {@const top = HEAD + index * COOK}
    <b class="absolute left-0" style:top="{top}px">{lane.name}</b>
    <StrandRange {mover} keys={lane.bars.map((bar) => bar.task.key)} {axis} {top} height={COOK - 3} />
    <StrandLane {lane} {axis} {top} height={COOK - 3} {mover} />
  {/each}

  <svg class="pointer-events-none absolute inset-0" {width} height={laid.height} aria-hidden="true">
    {#each laid.salads as salad (salad.at)}
      {#each salad.foods as food (food.top)}
        {#each food.into
          .slice(0, salad.best.until ? 2 : 1)
          .filter((minute) => minute > first) as minute (minute)}
          <path
            d={curve(food, minute, salad.top + SALAD / 2)}
            fill="none"
            stroke={food.colour}
            stroke-width={minute === food.into[0] ? 3 : 1.5}
          />
        {/each}
      {/each}
    {/each}
  </svg>

  {#each laid.salads as salad (salad.at)}
    {#each salad.foods as food (food.top)}
      {@const keeps = [x(Math.max(from(food), first)), x(Math.max(...food.into, food.ready))]}
      <span
        class={[
          "absolute left-0 flex items-center gap-1.5 overflow-hidden",
          "text-sm leading-none whitespace-nowrap",
        ]}
        style:top="{food.top}px"
        style:height="{FOOD}px"
        style:width="{LABEL - 6}px"
        title={food.name}><Dot colour={food.colour} /><span class="truncate">{food.name}</span></span
      >
      {#if !before && begun(food)}<span
          class="quiet absolute text-xs leading-none whitespace-nowrap"
          style:top="{food.top + 4}px"
          style:left="{LABEL}px">{begun(food)}</span
        >{/if}
      <div
        class="keeps absolute"
        style:left="{keeps[0]}px"
        style:width="{Math.max(keeps[1]! - keeps[0]!, 0)}px"
        style:top="{food.top + FOOD / 2 - 3}px"
      ></div>
      <StrandRange {mover} keys={keysOf(food.tasks)} {axis} top={food.top} height={FOOD} />
      {#each rowsOf(food.tasks
          .flatMap(piecesOf)
          .filter(seen)) as { piece, row, rows } (`${piece.task.key} ${piece.from}`)}
        {@const slim = (FOOD - 3) / rows}
        <StrandBar
          {piece}
          {mover}
          place={drawn(piece, food.top + 1 + row * slim, slim)}
          colour={food.colour}
          text={rows > 1 ? "" : (piece.cook ?? "")}
          where={food.name}
        />
      {/each}
    {/each}
    <b
      class="absolute left-0 truncate text-sm"
      style:top="{salad.top + 2}px"
      style:width="{lead - 6}px"
      title={salad.salad}>{salad.salad}</b
    >
    <div
      class="border-base-300 absolute inset-x-0 border-b"
      style:top="{salad.top + SALAD + 1}px"
    ></div>
    {#if salad.best.until}
      {@const out = Math.max(...salad.own.map((task) => minutesOf(task.start)), first)}
      <div
        class="bg-success/30 border-success absolute rounded-r-full border"
        style:left="{x(out)}px"
        style:width="{Math.max(x(minutesOf(salad.best.until)) - x(out), 0)}px"
        style:top="{salad.top + SALAD - 10}px"
        style:height="7px"
      ></div>
    {/if}
    <span
      class="text-success bg-base-100/80 absolute text-xs font-semibold whitespace-nowrap"
      style:right="{width - end}px"
      style:top="{salad.top - 12}px">{salad.best.said}</span
    >
    <StrandRange
      {mover}
      keys={keysOf([...salad.dressing, ...salad.own])}
      {axis}
      top={salad.top}
      height={SALAD}
    />
    {#each [...salad.dressing, ...salad.own] as task (task.key)}
      {#each piecesOf(task).filter(seen) as piece (piece.from)}<StrandBar
          {piece}
          {mover}
          place={drawn(piece, salad.top + 2, SALAD - 6)}
          colour={salad.dressing.includes(task) ? DRESSING : undefined}
          text={piece.kind === "waits" ? "rests" : (piece.cook ?? "")}
          where={salad.salad}
        />{/each}
    {/each}
  {/each}

  {#each laid.vessels as { lane, top } (lane.key)}
    <span class="absolute left-0 truncate text-sm" style:top="{top}px" style:width="{LABEL - 6}px"
      >{lane.name}</span
    >
    <StrandLane {lane} {axis} {top} height={FOOD - 2} {mover} />
  {/each}
</div>

<style>
  .keeps {
    height: 6px;
    background: var(--water);
  }
</style>
