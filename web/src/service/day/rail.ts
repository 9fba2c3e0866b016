import { minutesOf } from "../../ui/clock";
import type { DayTask, Roster } from "./day.svelte";

// One stretch of a task on one lane, and the row of the lane that it lies in.
export type Bar = {
  task: DayTask;
  from: number;
  to: number;
  hands: boolean;
  name: string;
  row: number;
};
export type RailLane = {
  key: string;
  name: string;
  kind: string;
  rows: number;
  bars: Bar[];
  open: [number, number][];
  busy: { from: number; to: number; name: string }[];
};

// What soaks, rests or drains takes neither hands nor equipment.
const ALONE = { key: "alone", name: "By itself", kind: "alone", open: [], busy: [] };

// What each lane shows: stretches that overlap on what takes several at once lie in rows below each other.
export function lanesOf(roster: Roster): RailLane[] {
  const cooks = roster.lanes.filter((lane) => lane.kind === "cook");
  return [...cooks, ALONE, ...roster.lanes.filter((lane) => lane.kind !== "cook")].map((lane) => {
    const found = roster.tasks
      .filter((task) => task.placed)
      .flatMap((task) => merged(task, lane.key))
      .sort((one, other) => one.from - other.from);
    const ends: number[] = [];
    const bars = found.map((bar) => {
      const free = ends.findIndex((end) => end <= bar.from);
      const row = free < 0 ? ends.length : free;
      ends[row] = bar.to;
      return { ...bar, row };
    });
    return {
      key: lane.key,
      name: lane.name,
      kind: lane.kind,
      rows: Math.max(ends.length, 1),
      bars,
      open: (lane.open ?? []).map(([from, to]) => [minutesOf(from!), minutesOf(to!)]),
      busy: (lane.busy ?? []).map(({ from, to, name }) => ({
        from: minutesOf(from),
        to: minutesOf(to),
        name,
      })),
    };
  });
}

// Stretches of one task that follow each other on a lane, with hands or without, are one bar.
function merged(task: DayTask, lane: string): Omit<Bar, "row">[] {
  return task.segments
    .filter((segment) =>
      lane === ALONE.key ? segment.lanes.length === 0 && !segment.hands : segment.lanes.includes(lane),
    )
    .reduce<Omit<Bar, "row">[]>((bars, segment) => {
      const [from, to] = [minutesOf(segment.from), minutesOf(segment.to)];
      const last = bars.at(-1);
      if (last && last.to === from && last.hands === segment.hands)
        return [...bars.slice(0, -1), { ...last, to }];
      return [
        ...bars,
        {
          task,
          from,
          to,
          hands: segment.hands,
          name: lane === ALONE.key && segment.name ? `${segment.name}: ${task.name}` : task.name,
        },
      ];
    }, []);
}
