import { isDay } from "../ui/dates";

// Where we are, read from the address: /services, /services/ID/STAGE, /services/ID/run, /salads,
// /services/ID/close, /services/ID/delivery, /salads/KEY, /paste, /larder, /larder/KEY, /kitchen, /record,
// /record/LOT, /use-up, /weeks/DAY, /days/DAY.
export const STAGES = ["count", "buy", "prep", "cook", "dress", "day", "build"] as const;
export type Stage = (typeof STAGES)[number];
export type Place =
  | { screen: "services" }
  | { screen: "nowhere" }
  | { screen: "salads" }
  | { screen: "paste" }
  | { screen: "use-up" }
  | { screen: "salad"; key: string }
  | { screen: "kitchen" }
  | { screen: "record"; lot: string | undefined }
  | { screen: "close"; id: number }
  | { screen: "delivery"; id: number }
  | { screen: "week"; day: string }
  | { screen: "kitchen-day"; date: string }
  | { screen: "larder"; key: string | undefined }
  | { screen: "run"; id: number }
  | { screen: "desk"; id: number; stage: Stage };

export function read(path: string): Place {
  const desk = /^\/services\/(\d+)(?:\/([a-z]+))?$/.exec(path);
  const larder = /^\/larder(?:\/([a-z0-9-]+))?$/.exec(path);
  const salad = /^\/salads\/([a-z0-9-]+)$/.exec(path);
  const week = /^\/weeks\/(\d{4}-\d\d-\d\d)$/.exec(path);
  const date = /^\/days\/(\d{4}-\d\d-\d\d)$/.exec(path);
  if (date && isDay(date[1]!)) return { screen: "kitchen-day", date: date[1]! };
  if (week) return { screen: "week", day: week[1]! };
  if (salad) return { screen: "salad", key: salad[1]! };
  if (path === "/paste") return { screen: "paste" };
  if (path === "/use-up") return { screen: "use-up" };
  if (path === "/salads") return { screen: "salads" };
  const lot = /^\/record(?:\/([0-9A-Z]+))?$/.exec(path);
  if (lot) return { screen: "record", lot: lot[1] };
  if (path === "/kitchen") return { screen: "kitchen" };
  if (larder) return { screen: "larder", key: larder[1] };
  if (path === "/" || path === "/services") return { screen: "services" };
  if (!desk) return { screen: "nowhere" };

  if (desk[2] === "run") return { screen: "run", id: Number(desk[1]) };

  if (desk[2] === "delivery") return { screen: "delivery", id: Number(desk[1]) };

  if (desk[2] === "close") return { screen: "close", id: Number(desk[1]) };

  const stage = STAGES.find((known) => known === desk[2]) ?? "count";
  return { screen: "desk", id: Number(desk[1]), stage };
}
