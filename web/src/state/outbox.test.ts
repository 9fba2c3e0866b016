import { describe, expect, it } from "vitest";
import { Outbox, type Fate, type Waiting } from "./outbox";

function store() {
  const kept = new Map<string, string>();
  return {
    getItem: (key: string) => kept.get(key) ?? null,
    setItem: (key: string, value: string) => void kept.set(key, value),
  };
}
const tick = (uid: string): Waiting => ({
  uid,
  path: "/api/services/1/day",
  method: "POST",
  body: { mark: uid },
  what: uid,
});

describe("what waits for the net", () => {
  it("goes out in order, once, when somebody answers; and survives a reload", async () => {
    const sent: string[] = [];
    let answers: Fate = "silent";
    const send = async (waiting: Waiting) => {
      if (answers !== "silent") sent.push(waiting.uid);
      return { fate: answers };
    };
    const kept = store();
    const before = new Outbox(kept, send);
    ["a", "b", "c"].forEach((uid) => before.add(tick(uid)));
    await before.flush();
    expect(sent).toEqual([]);

    const reloaded = new Outbox(kept, send);
    answers = "done";
    await Promise.all([reloaded.flush(), reloaded.flush()]);
    expect(sent).toEqual(["a", "b", "c"]);
    expect(reloaded.waiting).toEqual([]);
  });

  it("keeps what was refused, with why, and goes on with the rest", async () => {
    const box = new Outbox(store(), async (waiting) =>
      waiting.uid === "b" ? { fate: "refused", why: "no such task" } : { fate: "done" },
    );
    ["a", "b", "c"].forEach((uid) => box.add(tick(uid)));
    await box.flush();
    expect(box.waiting).toEqual([]);
    expect(box.refused.map((each) => [each.waiting.uid, each.why])).toEqual([["b", "no such task"]]);
    box.forget();
    expect(box.refused).toEqual([]);
  });

  it("does not lose what is added while it sends", async () => {
    const box: Outbox = new Outbox(store(), async (waiting) => {
      if (waiting.uid === "a") box.add(tick("late"));
      return { fate: "done" };
    });
    box.add(tick("a"));
    await box.flush();
    expect(box.waiting).toEqual([]);
  });
});
