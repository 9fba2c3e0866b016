import { api, ask } from "../api/client";

// What is ticked off at the bench of one service; kept by the server, so that it is there again.
export class Ticks {
  keys = $state.raw<string[]>([]);

  constructor(readonly id: number) {
    void ask(api.GET("/api/services/{id}/ticks", { params: { path: { id } } })).then(({ data }) => (this.keys = data ?? []));
  }

  done = (key: string): boolean => this.keys.includes(key);

  async tick(key: string, done: boolean): Promise<void> {
    const before = this.keys;
    this.keys = done ? [...before, key] : before.filter((other) => other !== key);
    const { data } = await ask(api.PUT("/api/services/{id}/ticks", { params: { path: { id: this.id } }, body: { key, done } }));
    this.keys = data ?? before;
  }
}
