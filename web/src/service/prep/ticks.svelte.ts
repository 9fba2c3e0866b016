import { api, ask, SILENCE, type Answer } from "../../api/client";
import { tickLater } from "../../state/sent.svelte";

// What is ticked off at the bench of one service; kept by the server, so that it is there again.
export class Ticks {
  keys = $state.raw<string[]>([]);
  private kept: string[] = [];
  private last: Promise<void> = Promise.resolve();
  private waiting = 0;

  constructor(readonly id: number) {
    this.load();
  }

  // Also when somebody ticked on another screen.
  load = (): void =>
    this.inTurn(() => ask(api.GET("/api/services/{id}/ticks", { params: { path: { id: this.id } } })));

  done = (key: string): boolean => this.keys.includes(key);

  tick(key: string, done: boolean): void {
    const others = this.keys.filter((other) => other !== key);
    this.keys = done ? [...others, key] : others;
    this.inTurn(async () => {
      const answer = await ask(
        api.PUT("/api/services/{id}/ticks", { params: { path: { id: this.id } }, body: { key, done } }),
      );
      // Nobody answers: it waits on this device, and stands as ticked.
      if (answer.problem !== SILENCE) return answer;
      tickLater(this.id, { key, done });
      return { data: this.keys };
    });
  }

  // One after the other; what the server keeps is shown once nothing more is on its way to it.
  private inTurn(step: () => Promise<Answer<string[]>>): void {
    this.waiting += 1;
    this.last = this.last.then(async () => {
      const { data } = await step();
      this.kept = data ?? this.kept;
      this.waiting -= 1;
      if (this.waiting === 0) this.keys = this.kept;
    });
  }
}
