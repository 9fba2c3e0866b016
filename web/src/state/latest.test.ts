import { describe, expect, it } from "vitest";
import { Latest } from "./latest";

// An answer that comes when it is told to.
function later<T>(): { answer: Promise<T>; come: (said: T) => void } {
  let come!: (said: T) => void;
  const answer = new Promise<T>((resolve) => (come = resolve));
  return { answer, come };
}

describe("the last of several askings", () => {
  it("is answered", async () => {
    expect(await new Latest().of(Promise.resolve("12.35 kg"))).toBe("12.35 kg");
  });

  it("counts, whichever answer comes first", async () => {
    const latest = new Latest();
    const [first, second] = [later<string>(), later<string>()];
    const said = [latest.of(first.answer), latest.of(second.answer)];
    second.come("of 12 kg");
    first.come("of 1 kg");
    expect(await Promise.all(said)).toEqual([undefined, "of 12 kg"]);
  });

  it("comes to nothing once it is let go", async () => {
    const latest = new Latest();
    const asked = later<string>();
    const said = latest.of(asked.answer);
    latest.letGo();
    asked.come("5.39 kg");
    expect(await said).toBeUndefined();
  });
});
