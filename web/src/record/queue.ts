import type { Schemas } from "../api/client";

// What was written down and has not reached the server yet: kept on this device, so that it survives a reload
// and a day without a net; sent in the order it was written, each once by its own id.
export type Entry = { uid: string } & Record<string, unknown>;
export type Kept = Schemas["KeptEntry"];
type Store = Pick<Storage, "getItem" | "setItem">;
// Sends some, gives what became of each; undefined where nobody answered.
type Send = (entries: Entry[]) => Promise<Kept[] | undefined>;

export class Queue {
  static readonly KEY = "scullion-record-queue";
  private static readonly REFUSED = "scullion-record-refused";
  // So many at a time, and so many letters, as a day without a net may have two thousand and pictures.
  private static readonly MOST = 500;
  private static readonly LETTERS = 700_000;
  private sending: Promise<void> = Promise.resolve();
  // What became of what was sent from here.
  private readonly fates = new Map<string, Kept>();

  constructor(
    private readonly store: Store,
    private readonly send: Send,
    private readonly changed: () => void = () => {},
  ) {}

  get waiting(): Entry[] {
    return JSON.parse(this.store.getItem(Queue.KEY) ?? "[]") as Entry[];
  }

  // What the server did not take, with why: shown, not dropped.
  get refused(): { entry: Entry; why: string[] }[] {
    return JSON.parse(this.store.getItem(Queue.REFUSED) ?? "[]");
  }

  forget(): void {
    this.store.setItem(Queue.REFUSED, "[]");
    this.changed();
  }

  // Written down here first. Gives what became of it; undefined while nobody answers. Where this device has
  // no room for it, it must reach the server at once, or is refused.
  async add(entry: Entry): Promise<Kept | undefined> {
    try {
      this.put([...this.waiting, entry]);
    } catch {
      return (await this.send([entry]))?.[0] ?? this.full(entry);
    }
    await this.flush();
    return this.fates.get(entry.uid);
  }

  private full(entry: Entry): Kept {
    const why =
      "This device has no room left, and nobody answers. Write it again when the net is back.";
    return { uid: entry.uid, fate: "refused", why: [why] };
  }

  // Those that are waiting, in order; never two at once.
  flush(): Promise<void> {
    this.sending = this.sending.then(() => this.sendAll());
    return this.sending;
  }

  private async sendAll(): Promise<void> {
    while (this.waiting.length > 0) {
      const some = this.some();
      const answer = await this.send(some);
      if (!answer) return;

      for (const each of answer) this.fates.set(each.uid, each);
      const refused = answer.filter((each) => each.fate === "refused").map((each) => each.uid);
      this.store.setItem(
        Queue.REFUSED,
        JSON.stringify([
          ...this.refused,
          ...some
            .filter((entry) => refused.includes(entry.uid))
            .map((entry) => ({
              entry,
              why: answer.find((each) => each.uid === entry.uid)?.why ?? [],
            })),
        ]),
      );
      // What was added meanwhile stays.
      const sent = some.map((entry) => entry.uid);
      this.put(this.waiting.filter((entry) => !sent.includes(entry.uid)));
    }
  }

  // The first of them, at least one.
  private some(): Entry[] {
    const first = this.waiting.slice(0, Queue.MOST);
    let letters = 0;
    const many = first.findIndex((entry) => (letters += JSON.stringify(entry).length) > Queue.LETTERS);
    return many < 0 ? first : first.slice(0, Math.max(many, 1));
  }

  private put(entries: Entry[]): void {
    this.store.setItem(Queue.KEY, JSON.stringify(entries));
    this.changed();
  }
}
