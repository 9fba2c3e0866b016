import { describe, expect, it } from "vitest";
import { ChangeQueue, type Change, type Outcome } from "./changes";

const change = (at: string, value: string | number = 1): Change => ({ at, value, keep: "service" });
const settled = () => new Promise<void>((wake) => setTimeout(wake));

// A server that answers with what is laid out for it, and takes everything after that.
function queue(answers: Outcome<string>[] = []) {
  const sent: Change[] = [];
  const waits: number[] = [];
  const changes = new ChangeQueue<string>(
    async (each) => {
      sent.push(each);
      return answers.shift() ?? "settled";
    },
    () => undefined,
    async (ms) => void waits.push(ms),
  );
  return { changes, sent, waits, said: () => sent.map(({ at, value }) => `${at} ${value}`) };
}

describe("changes on their way", () => {
  it("go one after the other, and of several to one figure only the latest", async () => {
    const { changes, said } = queue();
    changes.add(change("covers", 1));
    changes.add(change("covers", 2));
    changes.add(change("grams", 5));
    changes.add(change("covers", 3));
    expect(changes.busy).toBe(true);
    await settled();
    expect(said()).toEqual(["covers 1", "grams 5", "covers 3"]);
    expect([changes.busy, changes.empty]).toEqual([false, true]);
  });

  it("wait for a server that does not answer, and are not lost", async () => {
    const { changes, said, waits } = queue(["silent", "silent"]);
    changes.add(change("covers", 7));
    changes.add(change("grams", 5));
    await settled();
    expect(said()).toEqual(["covers 7", "covers 7", "covers 7", "grams 5"]);
    expect(waits).toHaveLength(2);
  });

  it("let the newer one go where the same figure was changed again while nobody answered", async () => {
    const { changes, said } = queue(["silent"]);
    changes.add(change("covers", 7));
    changes.add(change("covers", 8));
    await settled();
    expect(said()).toEqual(["covers 7", "covers 8"]);
  });

  it("stop at a clash until the cook has settled it", async () => {
    const { changes, said } = queue([{ theirs: "version 9" }]);
    changes.add(change("covers", 7));
    changes.add(change("grams", 5));
    await settled();
    expect(said()).toEqual(["covers 7"]);
    expect(changes.clash).toEqual({ mine: change("covers", 7), theirs: "version 9" });
    changes.add(change("name", "Late lunch"));
    await settled();
    expect(said()).toEqual(["covers 7"]);
  });

  it("settled as theirs, lose the one that clashed and send all behind it", async () => {
    const { changes, said } = queue([{ theirs: "version 9" }]);
    changes.add(change("covers", 7));
    changes.add(change("grams", 5));
    await settled();
    changes.settle(false);
    await settled();
    expect(said()).toEqual(["covers 7", "grams 5"]);
    expect([changes.clash, changes.empty, changes.busy]).toEqual([undefined, true, false]);
  });

  it("settled as ours, send it again first and then all behind it", async () => {
    const { changes, said } = queue([{ theirs: "version 9" }]);
    changes.add(change("covers", 7));
    changes.add(change("grams", 5));
    await settled();
    changes.settle(true);
    await settled();
    expect(said()).toEqual(["covers 7", "covers 7", "grams 5"]);
  });
});
