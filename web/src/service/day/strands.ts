import { minutesOf } from "../../ui/clock";
import type { DayTask, Roster } from "./day.svelte";

// The day drawn by what is made: where a minute lies, and what of a task is hands, heat or wait.

const DAY = 1440;
// Of each day that is drawn: work, and how far it stands from the next.
export type Stretch = { from: number; to: number; left: number; right: number };
export type Kind = "hands" | "heat" | "waits";
export type Piece = { task: DayTask; from: number; to: number; kind: Kind; cook: string | undefined };

const GAP = 14;
const LEAST = 64;
const HEAT = /^(burner|oven|steamer|microwave)/;
const midnight = (minute: number) => Math.floor(minute / DAY) * DAY;
const half = (minute: number, up: boolean) =>
  (up ? Math.ceil(minute / 30) : Math.floor(minute / 30)) * 30;

// The stretches of the days that are worked on: the day of the service alone, or those before it too.
export function stretchesOf(roster: Roster, width: number, open: boolean): Stretch[] {
  const own = midnight(minutesOf(roster.service.from));
  const placed = roster.tasks.filter((task) => task.placed);
  const hands = placed.flatMap((task) =>
    task.segments.filter((each) => each.lanes.length > 0 || each.hands).map((each) => each),
  );
  const days = new Map<number, [number, number]>();
  for (const each of hands) {
    const [from, to] = [minutesOf(each.from), minutesOf(each.to)];
    const day = Math.min(midnight(from), own);
    if (day < own && !open) continue;
    const [low, high] = days.get(day) ?? [from, to];
    // What goes on over night is not drawn further than its day.
    const end = day < own ? Math.min(to, day + DAY) : to;
    days.set(day, [Math.min(low, from), Math.max(high, end)]);
  }
  const [low, high] = days.get(own) ?? [minutesOf(roster.service.from) - 60, 0];
  days.set(own, [
    Math.min(low, minutesOf(roster.service.from) - 60),
    Math.max(high, minutesOf(roster.service.to)) + 30,
  ]);
  const spans = [...days.entries()]
    .sort(([one], [other]) => one - other)
    .map(([, [from, to]]) => [half(from, false), half(to, true)] as const);
  // A day with little work is still as wide as its name.
  const room = width - GAP * (spans.length - 1) - LEAST * spans.length;
  const minutes = spans.reduce((sum, [from, to]) => sum + to - from, 0);
  let left = 0;
  return spans.map(([from, to]) => {
    const stretch = {
      from,
      to,
      left,
      right: left + LEAST + ((to - from) / minutes) * Math.max(room, 0),
    };
    left = stretch.right + GAP;
    return stretch;
  });
}

// Is more of the work with hands on days before the service than on its own?
export function mostlyBefore(roster: Roster): boolean {
  const own = midnight(minutesOf(roster.service.from));
  const hands = roster.tasks
    .filter((task) => task.placed)
    .flatMap((task) => task.segments.filter((each) => each.hands));
  const sum = (early: boolean) =>
    hands
      .map((each) => [minutesOf(each.from), minutesOf(each.to)] as const)
      .filter(([from]) => from < own === early)
      .reduce((minutes, [from, to]) => minutes + to - from, 0);
  return sum(true) > sum(false);
}

// Where a minute lies; between two days, at the edge of the one before it.
export function placeOf(stretches: Stretch[], minute: number): number {
  const first = stretches[0]!;
  if (minute < first.from) return 0;
  const stretch = stretches.filter((each) => each.from <= minute).at(-1) ?? first;
  const share = (Math.min(minute, stretch.to) - stretch.from) / (stretch.to - stretch.from);
  return stretch.left + share * (stretch.right - stretch.left);
}

export const minutesPerPixel = (stretches: Stretch[]): number => {
  const { from, to, left, right } = stretches.at(-1)!;
  return (to - from) / Math.max(right - left, 1);
};

// What of it is hands, heat or wait; stretches that follow each other alike are one.
export function piecesOf(task: DayTask): Piece[] {
  return task.segments.reduce<Piece[]>((pieces, each) => {
    const kind: Kind = each.hands
      ? "hands"
      : each.lanes.some((lane) => HEAT.test(lane))
        ? "heat"
        : "waits";
    const [from, to] = [minutesOf(each.from), minutesOf(each.to)];
    const last = pieces.at(-1);
    if (last && last.kind === kind && last.to === from && last.cook === each.cook)
      return [...pieces.slice(0, -1), { ...last, to }];
    return [...pieces, { task, from, to, kind, cook: each.cook }];
  }, []);
}

// In how many rows the pieces of one food lie, and each in which: two cooks at one food at a time.
export function rowsOf(pieces: Piece[]): { piece: Piece; row: number; rows: number }[] {
  const ends: number[] = [];
  const laid = [...pieces]
    .sort((one, other) => one.from - other.from)
    .map((piece) => {
      const free = ends.findIndex((end) => end <= piece.from);
      const row = free < 0 ? ends.length : free;
      ends[row] = piece.to;
      return { piece, row };
    });
  // Only what meets something else is made slimmer for it.
  const meets = (piece: Piece) =>
    pieces.some((other) => other !== piece && other.from < piece.to && other.to > piece.from);
  return laid.map(({ piece, row }) => ({
    piece,
    row: meets(piece) ? row : 0,
    rows: meets(piece) ? ends.length : 1,
  }));
}

// What is whisked has no colour of its own in the larder.
export const DRESSING = "#d8b23f";

// Where minutes lie on a drawing, and which of them are drawn.
export type Axis = { x: (minute: number) => number; first: number; last: number };

// A stretch on it, pulled so many minutes.
export function placed(axis: Axis, piece: Piece, by: number, top: number, height: number) {
  const left = axis.x(Math.max(piece.from + by, axis.first));
  return { left, width: axis.x(piece.to + by) - left - 1, top, height };
}

// Clock times that stand clear of each other.
const STEPS = [30, 60, 120, 240, 480];
export function hoursOf(stretches: Stretch[], apart: number): number[] {
  const step = STEPS.find((each) => each / minutesPerPixel(stretches) >= apart) ?? STEPS.at(-1)!;
  const last = stretches.at(-1)!.to;
  return stretches.flatMap(({ from, to }) => {
    const first = Math.ceil(from / step) * step;
    return Array.from(
      { length: Math.max(Math.floor((to - first) / step) + 1, 0) },
      (_, index) => first + index * step,
    ).filter((mark) => mark === last || mark + step / 2 < to);
  });
}
