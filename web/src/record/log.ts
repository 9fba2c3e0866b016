import { api, ask, type Schemas } from "../api/client";
import { wallClock } from "../ui/clock";
import { by } from "../state/who.svelte";

export type Kept = Schemas["KeptEntry"];
// What is written down; its id, its times and whose hands it was are added here.
export type Happened = {
  kind: string;
  of?: string;
  value?: number;
  service?: number;
  task?: string;
  lot?: string;
  about?: string;
  note?: string;
  mends?: string;
  void?: boolean;
};

// Writes one thing down. now: the kitchen's clock, or the rehearsal's.
export async function write(happened: Happened, now = wallClock()): Promise<Kept> {
  const entry = {
    uid: crypto.randomUUID?.() ?? `${Date.now()}-${Math.random().toString(36).slice(2, 12)}`,
    at: new Date().toISOString().replace(/\.\d+Z$/, "Z"),
    clock: now,
    by: by(),
    ...happened,
  };
  const { data, problem } = await ask(
    api.POST("/api/entries", { body: { entries: [JSON.parse(JSON.stringify(entry))] } }),
  );
  return data?.[0] ?? { uid: entry.uid, fate: "refused", why: [problem?.title ?? "No answer."] };
}
