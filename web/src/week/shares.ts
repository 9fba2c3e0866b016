import { minutesOf } from "../ui/clock";
import type { DayTask, Roster } from "../service/day/day.svelte";
import { lanesOf, sheetsOf, type Lane } from "../service/day/lanes";
import { piecesOf, rowsOf, type Piece, type Stretch } from "../service/day/strands";

// Several services on one date: what of each lies on it, and which cook has whose work.

const DAY = 1440;
const BEFORE = 60;
const AFTER = 30;
const midnight = (date: string) => minutesOf(`${date}T00:00`);
const on = (date: string, { from, to }: { from: number; to: number }) =>
  from < midnight(date) + DAY && to > midnight(date);

// The stretches of tasks that lie on the date, whole or in part.
export const piecesOn = (date: string, tasks: DayTask[]): Piece[] =>
  tasks
    .filter((task) => task.placed)
    .flatMap(piecesOf)
    .filter((piece) => on(date, piece));

export const worksOn = (date: string, roster: Roster): boolean =>
  roster.service.date === date || piecesOn(date, roster.tasks).some((piece) => piece.kind === "hands");

// From the half-hour that work begins in to the one that it ends in, as one stretch; an hour before the
// first doors at the latest.
export function hoursOn(date: string, rosters: Roster[], width: number): Stretch[] {
  const hands = rosters
    .flatMap((roster) => piecesOn(date, roster.tasks))
    .filter((piece) => piece.kind === "hands");
  const served = rosters.filter((roster) => roster.service.date === date);
  const begins = [
    ...hands.map(({ from }) => from),
    ...served.map((roster) => minutesOf(roster.service.from) - BEFORE),
  ];
  const ends = [
    ...hands.map(({ to }) => to),
    ...served.map((roster) => minutesOf(roster.service.to) + AFTER),
  ];
  if (begins.length === 0)
    return [{ from: midnight(date), to: midnight(date) + DAY, left: 0, right: width }];

  const from = Math.max(Math.floor(Math.min(...begins) / 30) * 30, midnight(date));
  const to = Math.min(Math.ceil(Math.max(...ends) / 30) * 30, midnight(date) + DAY);
  return [{ from, to, left: 0, right: width }];
}

// Of each cook, one lane a service, named by both; her hours are on the first.
export type Cook<Of> = { name: string; lanes: { of: Of; lane: Lane }[] };
export function cooksOf<Of>(
  date: string,
  shares: { of: Of; roster: Roster; name: string }[],
): Cook<Of>[] {
  const cooks = new Map<string, Cook<Of>>();
  for (const { of, roster, name } of shares) {
    for (const lane of lanesOf(roster).filter(({ kind }) => kind === "cook")) {
      const cook = cooks.get(lane.name) ?? { name: lane.name, lanes: [] };
      cooks.set(lane.name, cook);
      const known = cook.lanes.flatMap((each) => each.lane.open);
      const open = lane.open.filter(
        ([from, to]) =>
          on(date, { from, to }) && !known.some((each) => each[0] === from && each[1] === to),
      );
      const bars = lane.bars.filter((bar) => on(date, bar));
      cook.lanes.push({ of, lane: { ...lane, name: `${lane.name}, ${name}`, open, bars, busy: [] } });
    }
  }
  return [...cooks.values()];
}

// A salad's way on the date in as few rows as it takes: its foods, its dressing, its mixing and plating.
export type Drawn = { piece: Piece; row: number; food: string; colour: string | undefined };
export type Way = { salad: string; at: string; best: string; rows: number; drawn: Drawn[] };
export function waysOn(date: string, roster: Roster, dressing: string): Way[] {
  const tasks = new Map(roster.tasks.map((task) => [task.key, task]));
  return roster.strands.map((strand) => {
    const of = new Map<DayTask, { food: string; colour: string | undefined }>();
    for (const row of strand.rows) {
      const colour = row.preparation ? (row.colour ?? "#888888") : dressing;
      for (const key of row.tasks)
        if (tasks.has(key)) of.set(tasks.get(key)!, { food: row.name, colour });
    }
    for (const key of strand.tasks)
      if (tasks.has(key)) of.set(tasks.get(key)!, { food: strand.salad, colour: undefined });
    const laid = rowsOf(piecesOn(date, [...of.keys()]));
    return {
      salad: strand.salad,
      at: strand.at,
      best: strand.best.said,
      rows: Math.max(...laid.map(({ row }) => row + 1), 1),
      drawn: laid.map(({ piece, row }) => ({ piece, row, ...of.get(piece.task)! })),
    };
  });
}

// One cook's day on a phone: whatever service it is for, in order.
export function linesOf<Of extends object>(date: string, shares: { of: Of; roster: Roster }[]) {
  const sheets = new Map<string, (Of & Line)[]>();
  for (const { of, roster } of shares) {
    for (const sheet of sheetsOf(roster)) {
      const lines = sheets.get(sheet.name) ?? [];
      for (const { task, segment } of sheet.lines.filter((each) => each.segment.from.startsWith(date)))
        lines.push({ ...of, task, from: segment.from, text: segment.text, doing: segment.name });
      sheets.set(
        sheet.name,
        lines.sort((one, other) => one.from.localeCompare(other.from)),
      );
    }
  }
  return [...sheets].map(([name, lines]) => ({ name, lines }));
}
type Line = { task: DayTask; from: string; text: string; doing: string | undefined };
