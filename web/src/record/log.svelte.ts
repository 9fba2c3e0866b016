import { api, ask } from "../api/client";
import { wallClock } from "../ui/clock";
import { by } from "../state/who.svelte";
import { Queue, type Kept } from "./queue";
import { entryOf, type Happened } from "./happened";

const AGAIN = 5000;
// What waits on this device, for all screens to say.
export const waiting = $state({ count: 0, refused: [] as Queue["refused"] });

const queue = new Queue(
  localStorage,
  async (entries) =>
    (
      await ask(
        api.POST("/api/entries", { body: { entries: entries as unknown as Record<string, never>[] } }),
      )
    ).data,
  () => {
    waiting.count = queue.waiting.length;
    waiting.refused = queue.refused;
  },
);
waiting.count = queue.waiting.length;
waiting.refused = queue.refused;
setInterval(() => {
  if (waiting.count > 0) void queue.flush();
}, AGAIN);
addEventListener("online", () => void queue.flush());

// Writes one thing down. now: the kitchen's clock, or the rehearsal's. Undefined while nobody answers: it
// waits here.
export const write = (happened: Happened, now = wallClock()): Promise<Kept | undefined> =>
  queue.add(entryOf(happened, now, by()));

export const forgetRefused = (): void => queue.forget();
