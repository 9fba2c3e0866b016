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
export type Lane = {
  key: string;
  name: string;
  kind: string;
  rows: number;
  bars: Bar[];
  open: [number, number][];
  busy: { from: number; to: number; name: string }[];
};

// What each lane shows: stretches that overlap on what takes several at once lie in rows below each other.
export function lanesOf(roster: Roster): Lane[] {
  return roster.lanes.map((lane) => {
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

// Each cook's own work, stretch by stretch, in order.
export function sheetsOf(roster: Roster) {
  return roster.lanes
    .filter((lane) => lane.kind === "cook")
    .map((lane) => ({
      name: lane.name,
      lines: roster.tasks
        .flatMap((task) =>
          task.segments
            .filter((segment) => segment.cook && segment.lanes.includes(lane.key))
            .map((segment) => ({ task, segment })),
        )
        .sort((one, other) => one.segment.from.localeCompare(other.segment.from)),
    }));
}

// Stretches of one task that follow each other on a lane, with hands or without, are one bar.
function merged(task: DayTask, lane: string): Omit<Bar, "row">[] {
  return task.segments
    .filter((segment) => segment.lanes.includes(lane))
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
          name: task.name,
        },
      ];
    }, []);
}
