import { describe, expect, it } from "vitest";
import { minutesOf } from "../../ui/clock";
import type { DayTask, Roster } from "./day.svelte";
import {
  rowsOf,
  hoursOf,
  minutesPerPixel,
  mostlyBefore,
  piecesOf,
  placeOf,
  stretchesOf,
} from "./strands";

type Stretch = { from: string; to: string; hands?: boolean; lanes?: string[]; cook?: string };

const at = (moment: string) => `2026-11-${moment.replace(" ", "T")}`;
const task = (...stretches: Stretch[]): DayTask =>
  ({
    placed: true,
    segments: stretches.map(({ from, to, hands = false, lanes = [], cook }) => ({
      from: at(from),
      to: at(to),
      hands,
      lanes,
      cook,
    })),
  }) as unknown as DayTask;
const work = (from: string, to: string) => task({ from, to, hands: true, lanes: ["cook-0"] });
const day = (...tasks: DayTask[]) =>
  ({ tasks, service: { from: at("28 12:00"), to: at("28 13:30") } }) as unknown as Roster;
const spans = (roster: Roster, open: boolean) =>
  stretchesOf(roster, 900, open).map(({ from, to }) => [from, to]);
const minutes = (...moments: string[]) => moments.map((moment) => minutesOf(at(moment)));

describe("strands of a day", () => {
  it("draw the day of the service alone, from the half-hour that work begins in", () => {
    const roster = day(work("27 09:10", "27 10:00"), work("28 08:50", "28 09:20"));
    expect(spans(roster, false)).toEqual([minutes("28 08:30", "28 14:00")]);
  });

  it("open the days before it, each as far as it is worked on, none over its midnight", () => {
    const roster = day(
      task(
        { from: "26 14:00", to: "26 14:05", hands: true },
        { from: "26 14:05", to: "27 02:00", lanes: ["chiller-0"] },
      ),
      work("27 09:10", "27 10:00"),
      work("28 08:50", "28 09:20"),
    );
    expect(spans(roster, true)).toEqual([
      minutes("26 14:00", "27 00:00"),
      minutes("27 09:00", "27 10:00"),
      minutes("28 08:30", "28 14:00"),
    ]);
  });

  it("are opened where more hands are wanted before the day than on it", () => {
    const [early, late] = [work("27 09:00", "27 10:00"), work("28 09:00", "28 10:00")];
    expect(mostlyBefore(day(early, late))).toBe(false);
    expect(mostlyBefore(day(early, late, work("26 23:59", "27 00:00")))).toBe(true);
  });

  it("place a minute within its stretch, and between two at the edge of the earlier", () => {
    const stretches = stretchesOf(
      day(work("27 09:00", "27 10:00"), work("28 09:00", "28 10:00")),
      900,
      true,
    );
    const [early, late] = stretches as [(typeof stretches)[0], (typeof stretches)[0]];
    expect(placeOf(stretches, early.from - 600)).toBe(0);
    expect(placeOf(stretches, early.to + 60)).toBe(early.right);
    expect(placeOf(stretches, late.from)).toBe(late.left);
    expect(placeOf(stretches, late.to + 600)).toBe(late.right);
    expect(late.right).toBeCloseTo(900);
    expect(placeOf(stretches, (late.from + late.to) / 2)).toBeCloseTo((late.left + late.right) / 2);
  });

  it("has clock times stand as far apart as they are wide", () => {
    const stretches = stretchesOf(day(work("28 08:00", "28 09:00")), 300, false);
    const marks = hoursOf(stretches, 52);
    const gaps = marks
      .slice(1)
      .map((mark, index) => (mark - marks[index]!) / minutesPerPixel(stretches));
    expect(Math.min(...gaps)).toBeGreaterThanOrEqual(52);
  });

  it("lays what two do at once below each other, and only that", () => {
    const pieces = [
      work("28 09:00", "28 09:30"),
      work("28 09:20", "28 09:50"),
      work("28 10:00", "28 10:10"),
    ];
    expect(rowsOf(pieces.flatMap(piecesOf)).map(({ row, rows }) => [row, rows])).toEqual([
      [0, 2],
      [1, 2],
      [0, 1],
    ]);
  });

  it("tells hands from heat and from waits, and joins what goes on alike", () => {
    const roast = task(
      { from: "28 09:00", to: "28 09:05", hands: true, lanes: ["cook-0", "oven-0"], cook: "ML" },
      { from: "28 09:05", to: "28 09:20", lanes: ["oven-0"] },
      { from: "28 09:20", to: "28 10:00", lanes: ["oven-0", "tray-60"] },
      { from: "28 10:00", to: "28 10:30", lanes: ["chiller-0"] },
    );
    expect(piecesOf(roast).map(({ kind, from, to, cook }) => [kind, to - from, cook])).toEqual([
      ["hands", 5, "ML"],
      ["heat", 55, undefined],
      ["waits", 30, undefined],
    ]);
  });
});
