import { describe, expect, it } from "vitest";
import { minutesOf } from "../ui/clock";
import type { DayTask, Roster } from "../service/day/day.svelte";
import { cooksOf, hoursOn, linesOf, waysOn, worksOn } from "./shares";

const DATE = "2026-11-29";
const at = (moment: string) => `2026-11-${moment.replace(" ", "T")}`;
const minute = (moment: string) => minutesOf(at(moment));
const task = (key: string, from: string, to: string, cook?: string): DayTask =>
  ({
    key,
    name: `${key}: cut`,
    placed: true,
    stage: "prep",
    segments: [
      {
        from: at(from),
        to: at(to),
        text: "",
        hands: !!cook,
        lanes: cook ? [`cook-${cook}`] : [],
        cook,
      },
    ],
  }) as unknown as DayTask;
const lane = (cook: string) => ({
  key: `cook-${cook}`,
  name: cook,
  kind: "cook",
  open: [[at("29 07:00"), at("29 15:00")]],
});
const roster = (date: string, from: string, to: string, tasks: DayTask[], strands: object[] = []) =>
  ({
    service: { date, from: at(from), to: at(to) },
    lanes: [lane("ML"), lane("TR")],
    tasks,
    strands,
  }) as unknown as Roster;

const lunch = roster(
  DATE,
  "29 12:00",
  "29 13:30",
  [
    task("fennel", "29 08:10", "29 08:50", "ML"),
    task("tomato", "29 08:20", "29 09:00", "TR"),
    task("soak", "28 20:00", "29 08:00"),
    task("mix", "29 11:00", "29 11:10", "ML"),
  ],
  [
    {
      salad: "Fennel and tomato",
      at: "salads/f",
      best: { said: "best to 15:00" },
      rows: [
        { name: "Fennel", colour: "#aabbcc", preparation: "f", tasks: ["fennel"], into: [] },
        { name: "Lemon dressing", tasks: ["gone"], into: [] },
        { name: "Tomato", colour: "#cc3322", preparation: "t", tasks: ["tomato"], into: [] },
      ],
      tasks: ["mix"],
    },
  ],
);
const tomorrow = roster("2026-11-30", "30 12:00", "30 13:30", [
  task("beetroot", "29 14:10", "29 15:20", "TR"),
  task("rocket", "30 08:00", "30 08:20", "TR"),
]);
const shares = [
  { of: { id: 1 }, roster: lunch, name: "Lunch" },
  { of: { id: 2 }, roster: tomorrow, name: "Tomorrow" },
];

describe("a day of the kitchen", () => {
  it("is of every service of the date, and of those that hands make ahead on it", () => {
    expect([lunch, tomorrow].map((each) => worksOn(DATE, each))).toEqual([true, true]);
    expect([lunch, tomorrow].map((each) => worksOn("2026-11-28", each))).toEqual([false, false]);
    expect(worksOn("2026-11-30", lunch)).toBe(false);
  });

  it("goes from the half-hour that work begins in to the one that it ends in", () => {
    const span = (date: string, ...rosters: Roster[]) => {
      const { from, to } = hoursOn(date, rosters, 900)[0]!;
      return [from, to];
    };
    expect(span(DATE, lunch, tomorrow)).toEqual([minute("29 08:00"), minute("29 15:30")]);
    expect(span(DATE, roster(DATE, "29 12:00", "29 13:30", []))).toEqual([
      minute("29 11:00"),
      minute("29 14:00"),
    ]);
    expect(span(DATE)).toEqual([minute("29 00:00"), minute("30 00:00")]);
  });

  it("has each cook once, with what she does for whom and her hours once", () => {
    const cooks = cooksOf(DATE, shares);
    const hours = [[minute("29 07:00"), minute("29 15:00")]];
    expect(
      cooks.map(({ name, lanes }) => [
        name,
        lanes.map(({ of, lane }) => [
          of.id,
          lane.name,
          lane.open,
          lane.bars.map(({ task }) => task.key),
        ]),
      ]),
    ).toEqual([
      [
        "ML",
        [
          [1, "ML, Lunch", hours, ["fennel", "mix"]],
          [2, "ML, Tomorrow", [], []],
        ],
      ],
      [
        "TR",
        [
          [1, "TR, Lunch", hours, ["tomato"]],
          [2, "TR, Tomorrow", [], ["beetroot"]],
        ],
      ],
    ]);
  });

  it("draws a salad's way in as few rows as meet, each stretch by its food", () => {
    const [way] = waysOn(DATE, lunch, "#d8b23f");
    expect(way!.rows).toBe(2);
    expect(
      way!.drawn.map(({ piece, row, food, colour }) => [piece.task.key, row, food, colour]),
    ).toEqual([
      ["fennel", 0, "Fennel", "#aabbcc"],
      ["tomato", 1, "Tomato", "#cc3322"],
      ["mix", 0, "Fennel and tomato", undefined],
    ]);
  });

  it("is a list by cook on a phone, of this date alone and in order", () => {
    expect(
      linesOf(DATE, shares).map(({ name, lines }) => [
        name,
        lines.map(({ task, id }) => [task.key, id]),
      ]),
    ).toEqual([
      [
        "ML",
        [
          ["fennel", 1],
          ["mix", 1],
        ],
      ],
      [
        "TR",
        [
          ["tomato", 1],
          ["beetroot", 2],
        ],
      ],
    ]);
  });
});
