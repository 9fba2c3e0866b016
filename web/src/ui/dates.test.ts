import { describe, expect, it } from "vitest";
import { later, monday, shortDay } from "./dates";

describe("days of the calendar", () => {
  it("are written short", () => {
    expect(shortDay("2026-11-28")).toBe("Sat 28 Nov");
  });

  it("go on over the ends of months and years, and back", () => {
    expect(later("2026-12-28", 7)).toBe("2027-01-04");
    expect(later("2028-03-01", -1)).toBe("2028-02-29");
  });

  it("belong to the week of their Monday, Sunday being its last", () => {
    expect(monday("2026-11-23")).toBe("2026-11-23");
    expect(monday("2026-11-29")).toBe("2026-11-23");
    expect(monday("2026-11-30")).toBe("2026-11-30");
  });
});
