import { plainly, SILENCE, type Problem, type Schemas } from "../api/client";
import { Outbox, type Waiting } from "./outbox";

const AGAIN = 5000;
export const sent = $state<{ waiting: Waiting[]; refused: Outbox["refused"] }>({
  waiting: [],
  refused: [],
});

const outbox = new Outbox(
  localStorage,
  async ({ path, method, body }) => {
    const answer = await fetch(path, {
      method,
      headers: { "content-type": "application/json" },
      body: JSON.stringify(body),
    }).catch(() => undefined);
    // A gateway that cannot reach the server is no answer of it.
    if (!answer || answer.status >= 502) return { fate: "silent" };
    if (answer.ok) return { fate: "done" };
    const problem = (await answer.json().catch(() => SILENCE)) as Problem;
    return { fate: "refused", why: plainly(problem) };
  },
  () => {
    sent.waiting = outbox.waiting;
    sent.refused = outbox.refused;
  },
);
sent.waiting = outbox.waiting;
sent.refused = outbox.refused;
setInterval(() => {
  if (sent.waiting.length > 0) void outbox.flush();
}, AGAIN);
addEventListener("online", () => void outbox.flush());

export const forgetRefusedSends = (): void => outbox.forget();

const uid = (): string =>
  crypto.randomUUID?.() ?? `${Date.now()}-${Math.random().toString(36).slice(2, 12)}`;

// A tick of a task that is on its way is known by its own id, so that it is kept once.
export const withId = (decision: Schemas["DayDecision"]): Schemas["DayDecision"] =>
  decision.mark ? { ...decision, uid: uid() } : decision;

export function decideLater(id: number, decision: Schemas["DayDecision"], what: string): void {
  outbox.add({ uid: uid(), path: `/api/services/${id}/day`, method: "POST", body: decision, what });
}

export function tickLater(id: number, body: { key: string; done: boolean }): void {
  outbox.add({ uid: uid(), path: `/api/services/${id}/ticks`, method: "PUT", body, what: body.key });
}

// Ticks of a service's tasks that wait here, the latest of each, by task.
export function waitingMarks(id: number): Record<string, Schemas["DayMark"]> {
  const path = `/api/services/${id}/day`;
  const marks = sent.waiting
    .filter((each) => each.path === path)
    .flatMap(({ body }) => (body as Schemas["DayDecision"]).mark ?? []);
  return Object.fromEntries(marks.map((mark) => [mark.task, mark]));
}
