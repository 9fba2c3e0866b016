import type { Answer, Problem } from "./client";
import { SILENCE } from "./problem";

// How far work is that takes long, where that is known.
// and what it has found so far.
export type Far = { done: number; of: number; found?: unknown } | undefined;

type Line = { done?: number; of?: number; found?: unknown; result?: unknown; problem?: Problem };

// The lines of a text that comes in pieces: those that are whole, and what is left over.
export function whole(text: string): [string[], string] {
  const lines = text.split("\n");
  return [lines.slice(0, -1).filter(Boolean), lines.at(-1)!];
}

// Asks for work that takes long, hears how far it is, and gives its result. To abort stops the work itself.
export async function slowly<T>(
  path: string,
  heard: (far: Far) => void,
  stop: AbortSignal,
  init: RequestInit = {},
): Promise<Answer<T>> {
  try {
    const headers = { accept: "application/x-ndjson", "content-type": "application/json" };
    const response = await fetch(path, { ...init, headers, signal: stop });
    if (!response.ok) return { problem: (await response.json()) as Problem };

    return await last<T>(response.body!.pipeThrough(new TextDecoderStream()).getReader(), heard);
  } catch {
    return { problem: stop.aborted ? STOPPED : SILENCE };
  }
}

export const STOPPED: Problem = {
  type: "about:blank",
  title: "Stopped.",
  status: 0,
  remedy: "Nothing was changed.",
  faults: [],
};

async function last<T>(
  reader: ReadableStreamDefaultReader<string>,
  heard: (far: Far) => void,
): Promise<Answer<T>> {
  for (let rest = ""; ;) {
    const { value, done } = await reader.read();
    if (done) return { problem: SILENCE };

    const [lines, left] = whole(rest + value);
    rest = left;
    for (const line of lines.map((text) => JSON.parse(text) as Line)) {
      if (line.problem) return { problem: line.problem };
      if ("result" in line) return { data: line.result as T };
      heard(line.of ? { done: line.done!, of: line.of, found: line.found } : undefined);
    }
  }
}
