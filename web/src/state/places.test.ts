import { describe, expect, it } from "vitest";
import { read, STAGES } from "./places";

describe("where an address leads", () => {
  it("is the desk of a service, on the stage it names and on Count where it names none", () => {
    for (const stage of STAGES) {
      expect(read(`/services/7/${stage}`)).toEqual({ screen: "desk", id: 7, stage });
    }
    expect(read("/services/12")).toEqual({ screen: "desk", id: 12, stage: "count" });
    expect(read("/services/12/attic")).toEqual({ screen: "desk", id: 12, stage: "count" });
    expect(read("/services/3/run")).toEqual({ screen: "run", id: 3 });
  });

  it("is one salad, one ingredient or one week", () => {
    expect(read("/salads/barley-bowl-2")).toEqual({ screen: "salad", key: "barley-bowl-2" });
    expect(read("/larder/carrot")).toEqual({ screen: "larder", key: "carrot" });
    expect(read("/larder")).toEqual({ screen: "larder", key: undefined });
    expect(read("/use-up")).toEqual({ screen: "use-up" });
    expect(read("/record")).toEqual({ screen: "record", lot: undefined });
    expect(read("/record/28R")).toEqual({ screen: "record", lot: "28R" });
    expect(read("/services/3/close")).toEqual({ screen: "close", id: 3 });
    expect(read("/services/3/delivery")).toEqual({ screen: "delivery", id: 3 });
    expect(read("/weeks/2026-11-28")).toEqual({ screen: "week", day: "2026-11-28" });
    expect(read("/days/2026-11-29")).toEqual({ screen: "kitchen-day", date: "2026-11-29" });
  });

  it("is the list of services at the door, and nowhere where there is no such page", () => {
    for (const path of ["/", "/services"]) expect(read(path)).toEqual({ screen: "services" });
    for (const path of [
      "/services/x",
      "/weeks/soon",
      "/days/sunday",
      "/days/2026-02-29",
      "/days/2026-13-01",
      "/salads/Not A Key",
      "/nowhere",
    ]) {
      expect(read(path)).toEqual({ screen: "nowhere" });
    }
  });
});
