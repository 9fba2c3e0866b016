// What was ticked or decided while nobody answered: kept on this device, so that it survives a reload and a
// day without a net; sent one after the other in the order it was done, each known by its own id. What the
// server refuses is kept beside what it was.
export type Waiting = {
  uid: string;
  path: string;
  method: "POST" | "PUT";
  body: unknown;
  what: string;
};
export type Fate = "done" | "refused" | "silent";
type Store = Pick<Storage, "getItem" | "setItem">;
// Sends one, gives what became of it and why.
type Send = (waiting: Waiting) => Promise<{ fate: Fate; why?: string }>;

export class Outbox {
  static readonly KEY = "scullion-outbox";
  private static readonly REFUSED = "scullion-outbox-refused";
  private sending: Promise<void> = Promise.resolve();

  constructor(
    private readonly store: Store,
    private readonly send: Send,
    private readonly changed: () => void = () => {},
  ) {}

  get waiting(): Waiting[] {
    return JSON.parse(this.store.getItem(Outbox.KEY) ?? "[]") as Waiting[];
  }

  get refused(): { waiting: Waiting; why: string }[] {
    return JSON.parse(this.store.getItem(Outbox.REFUSED) ?? "[]");
  }

  forget(): void {
    this.store.setItem(Outbox.REFUSED, "[]");
    this.changed();
  }

  add(waiting: Waiting): void {
    this.put([...this.waiting, waiting]);
  }

  // Those that wait, in order; never two at once.
  flush(): Promise<void> {
    this.sending = this.sending.then(() => this.sendAll());
    return this.sending;
  }

  private async sendAll(): Promise<void> {
    for (let first = this.waiting[0]; first; first = this.waiting[0]) {
      const { fate, why } = await this.send(first);
      if (fate === "silent") return;

      if (fate === "refused") {
        const refused = [...this.refused, { waiting: first, why: why ?? "" }];
        this.store.setItem(Outbox.REFUSED, JSON.stringify(refused));
      }
      this.put(this.waiting.filter((each) => each.uid !== first!.uid));
    }
  }

  private put(waiting: Waiting[]): void {
    this.store.setItem(Outbox.KEY, JSON.stringify(waiting));
    this.changed();
  }
}
