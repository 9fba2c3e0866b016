import { describe, expect, it } from "vitest";
import type { DayTask, Roster } from "./day.svelte";
import { lanesOf } from "./lanes";

type Stretch = { from: string; to: string; hands?: boolean; lanes?: string[]; name?: string };

const day = (clock: string) => `2026-11-28T${clock}`;

function task(key: string, stretches: Stretch[], placed = true): DayTask {
  const segments = stretches.map(({ from, to, hands = false, lanes = [], name }) => ({
    from: day(from),
    to: day(to),
    hands,
    lanes,
    name,
  }));
  return { key, name: key, placed, segments } as unknown as DayTask;
}

function lanes(tasks: DayTask[]) {
  const made = lanesOf({
    tasks,
    lanes: [
      { key: "oven-0", name: "Oven", kind: "oven" },
      { key: "cook-0", name: "AB", kind: "cook", open: [[day("07:00"), day("15:00")]] },
    ],
  } as unknown as Roster);
  return Object.fromEntries(made.map((lane) => [lane.key, lane]));
}

const spans = (lane: { bars: { from: number; to: number; row: number }[] } | undefined) =>
  lane?.bars.map(({ from, to, row }) => [to - from, row]);

describe("the lanes of a day", () => {
  it("lays stretches that overlap in rows, and one that begins as another ends in its row", () => {
    const oven = (key: string, from: string, to: string) =>
      task(key, [{ from, to, lanes: ["oven-0"] }]);
    const made = lanes([
      oven("a", "09:00", "10:00"),
      oven("b", "09:30", "10:30"),
      oven("c", "10:00", "11:00"),
    ]);
    expect(spans(made["oven-0"])).toEqual([
      [60, 0],
      [60, 1],
      [60, 0],
    ]);
    expect(made["oven-0"]!.rows).toBe(2);
  });

  it("draws stretches that follow each other as one bar, with hands and without apart", () => {
    const roast = task("roast", [
      { from: "09:00", to: "09:10", lanes: ["oven-0"] },
      { from: "09:10", to: "09:40", lanes: ["oven-0"] },
      { from: "09:40", to: "09:45", hands: true, lanes: ["oven-0", "cook-0"] },
    ]);
    const made = lanes([roast]);
    expect(spans(made["oven-0"])).toEqual([
      [40, 0],
      [5, 0],
    ]);
    expect(spans(made["cook-0"])).toEqual([[5, 0]]);
  });

  it("shows nothing that is not placed", () => {
    const lost = task("lost", [{ from: "08:00", to: "09:00", lanes: ["oven-0"] }], false);
    expect(lanes([lost])["oven-0"]!.bars).toEqual([]);
  });

  it("counts open hours in minutes that no change of the clocks moves", () => {
    const [from, to] = lanes([])["cook-0"]!.open[0]!;
    expect(to - from).toBe(8 * 60);
  });
});
