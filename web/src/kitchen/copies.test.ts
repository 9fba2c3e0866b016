import { expect, it } from "vitest";
import { ago, size } from "./copies";

it("says how old a copy is, on either side of each unit", () => {
  const now = Date.parse("2026-11-26T12:00:00Z");
  const old = (minutes: number) => ago(new Date(now - minutes * 60_000).toISOString(), now);
  expect([0, 0.4, 1, 119, 120, 47 * 60, 48 * 60, 9 * 24 * 60].map(old)).toEqual([
    "less than a minute",
    "less than a minute",
    "1 min",
    "119 min",
    "2 h",
    "47 h",
    "2 days",
    "9 days",
  ]);
  expect(ago(new Date(now + 90_000).toISOString(), now)).toBe("less than a minute");
});

it("says how large a copy is", () => {
  expect([0, 1499, 806_912, 999_999, 1_000_000, 12_345_678].map(size)).toEqual([
    "1 kB",
    "1 kB",
    "807 kB",
    "1000 kB",
    "1.0 MB",
    "12.3 MB",
  ]);
});
