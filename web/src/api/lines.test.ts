import { afterEach, describe, expect, it, vi } from "vitest";
import { slowly, whole, type Far } from "./lines";

describe("an answer that comes line by line", () => {
  afterEach(() => vi.unstubAllGlobals());

  const answering = (...pieces: string[]) =>
    vi.stubGlobal("fetch", () =>
      Promise.resolve(
        new Response(
          new ReadableStream<Uint8Array>({
            start(to) {
              for (const piece of pieces) to.enqueue(new TextEncoder().encode(piece));
              to.close();
            },
          }),
        ),
      ),
    );

  it("is read in whole lines, however it is cut", () => {
    expect(whole('{"a":1}\n{"b"')).toEqual([['{"a":1}'], '{"b"']);
    expect(whole("")).toEqual([[], ""]);
  });

  it("says how far it is, and then what came of it", async () => {
    answering('{"done":1,', '"of":3}\n{}\n', '{"done":2,"of":3}\n{"result":["x"]}\n');
    const far: Far[] = [];
    const answer = await slowly("/x", (now) => far.push(now), new AbortController().signal);
    expect(far).toEqual([{ done: 1, of: 3 }, undefined, { done: 2, of: 3 }]);
    expect(answer).toEqual({ data: ["x"] });
  });

  it("says what went wrong, and when it broke off", async () => {
    answering('{"problem":{"title":"Too long","status":503,"faults":[]}}\n');
    const stop = new AbortController().signal;
    expect((await slowly("/x", () => {}, stop)).problem?.title).toBe("Too long");
    answering('{"done":1,"of":3}\n');
    expect((await slowly("/x", () => {}, stop)).problem?.status).toBe(0);
  });
});
