import { describe, expect, it } from "vitest";
import { smallest, within } from "./picture";

describe("a picture for the record", () => {
  it("is drawn no larger than it must be, and as it lies", () => {
    expect(within(4000, 3000)).toEqual([1280, 960]);
    expect(within(3000, 4000)).toEqual([960, 1280]);
    expect(within(640, 480)).toEqual([640, 480]);
  });

  it("loses quality only until it is small enough, and is given up where it never is", () => {
    const drawn = (letters: number) => (quality: number) => `data:,${"x".repeat(letters * quality)}`;
    expect(smallest(drawn(400_000))?.length).toBe(300_000);
    expect(smallest(drawn(800_000))?.length).toBe(400_000);
    expect(smallest(drawn(2_000_000))).toBeUndefined();
  });
});
