import { describe, expect, it } from "vitest";
import { Queue, type Entry, type Kept } from "./queue";

function store(): Pick<Storage, "getItem" | "setItem"> {
  const kept: Record<string, string> = {};
  return { getItem: (key) => kept[key] ?? null, setItem: (key, value) => (kept[key] = value) };
}
const entry = (uid: string): Entry => ({ uid });
const uids = (entries: { uid: string }[]) => entries.map((each) => each.uid);
const keeping = (sent: string[][]) => async (entries: Entry[]) => {
  sent.push(uids(entries));
  return entries.map(({ uid }): Kept => ({ uid, fate: "kept" }));
};

describe("what waits for the server", () => {
  it("is kept while nobody answers, survives being closed, and goes in order, once", async () => {
    const there = store();
    const away = new Queue(there, async () => undefined);
    expect(await away.add(entry("a"))).toBeUndefined();
    await away.add(entry("b"));
    expect(uids(new Queue(there, async () => undefined).waiting)).toEqual(["a", "b"]);
    const sent: string[][] = [];
    const back = new Queue(there, keeping(sent));
    expect((await back.add(entry("c")))?.fate).toBe("kept");
    expect(sent.flat()).toEqual(["a", "b", "c"]);
    expect(back.waiting).toEqual([]);
    await back.flush();
    expect(sent.length).toBe(1);
  });

  it("goes in parts where pictures make it long, and at once where this device has no room", async () => {
    const sent: string[][] = [];
    const there = store();
    const away = new Queue(there, async () => undefined);
    for (const uid of ["a", "b", "c"]) await away.add({ uid, picture: "x".repeat(300_000) });
    await new Queue(there, keeping(sent)).flush();
    expect(sent).toEqual([["a", "b"], ["c"]]);

    const fullStore = {
      getItem: () => null,
      setItem: () => {
        throw new DOMException("full", "QuotaExceededError");
      },
    };
    expect((await new Queue(fullStore, keeping(sent)).add(entry("d")))?.fate).toBe("kept");
    const refused = await new Queue(fullStore, async () => undefined).add(entry("e"));
    expect(refused?.fate).toBe("refused");
    expect(refused?.why?.join()).toContain("no room");
  });

  it("keeps what is added while it sends", async () => {
    const sent: string[][] = [];
    const send = keeping(sent);
    const there = store();
    const queue: Queue = new Queue(there, async (entries) => {
      if (sent.length === 0) void queue.add(entry("late"));
      return send(entries);
    });
    await queue.add(entry("first"));
    await queue.flush();
    expect(sent.flat()).toEqual(["first", "late"]);
    expect(queue.waiting).toEqual([]);
  });

  it("shows what the server did not take beside why, and sends the rest", async () => {
    const queue = new Queue(store(), async (entries) =>
      entries.map(({ uid }): Kept =>
        uid === "hot" ? { uid, fate: "refused", why: ["300 °C"] } : { uid, fate: "kept" },
      ),
    );
    expect((await queue.add(entry("hot")))?.fate).toBe("refused");
    await queue.add(entry("cold"));
    expect(queue.waiting).toEqual([]);
    expect(queue.refused).toEqual([{ entry: entry("hot"), why: ["300 °C"] }]);
    queue.forget();
    expect(queue.refused).toEqual([]);
  });

  it("sends a day of two thousand in pieces", async () => {
    const there = store();
    there.setItem(Queue.KEY, JSON.stringify(Array.from({ length: 2000 }, (_, at) => entry(`e${at}`))));
    const sent: string[][] = [];
    await new Queue(there, keeping(sent)).flush();
    expect(sent.map((some) => some.length)).toEqual([500, 500, 500, 500]);
    expect(sent.flat()[1999]).toBe("e1999");
  });
});
