// One decision on its way to the server, at the address that a working gives.
export type Value = string | number | null;
export type Change = { at: string; value: Value; keep: "service" | "kitchen"; undoes?: boolean };

// What became of one: taken or refused; no answer at all; or somebody else was first.
export type Outcome<Theirs> = "settled" | "silent" | { theirs: Theirs };
export type Clash<Theirs> = { mine: Change; theirs: Theirs };

const RETRY = 2000;
const sleep = (ms: number): Promise<void> => new Promise((wake) => setTimeout(wake, ms));

// Changes are sent one after the other; of several to the same figure only the latest. What the server does
// not answer waits for it; what clashes waits for the cook, and all that stands behind it with it.
export class ChangeQueue<Theirs> {
  busy = false;
  clash: Clash<Theirs> | undefined;
  private waiting: Change[] = [];

  // told: called whenever busy or clash may have changed.
  constructor(
    private readonly send: (change: Change) => Promise<Outcome<Theirs>>,
    private readonly told: () => void,
    private readonly wait: (ms: number) => Promise<void> = sleep,
  ) {}

  get empty(): boolean {
    return this.waiting.length === 0;
  }

  add(change: Change): void {
    this.waiting = [...this.waiting.filter((other) => other.at !== change.at), change];
    void this.run();
  }

  // Ours goes first again, on top of theirs, or is let go; either way the others follow.
  settle(mine: boolean): void {
    const clash = this.clash;
    if (!clash) return;

    this.clash = undefined;
    if (mine) this.putBack(clash.mine);
    this.told();
    void this.run();
  }

  private async run(): Promise<void> {
    if (this.busy) return;

    this.busy = true;
    while (this.waiting.length > 0 && !this.clash) await this.next();
    this.busy = false;
    this.told();
  }

  private async next(): Promise<void> {
    const change = this.waiting.shift()!;
    this.told();
    const outcome = await this.send(change);
    if (outcome === "settled") return;
    if (outcome !== "silent") {
      this.clash = { mine: change, theirs: outcome.theirs };
      return;
    }

    this.putBack(change);
    await this.wait(RETRY);
  }

  // In front, unless the same figure was changed again meanwhile.
  private putBack(change: Change): void {
    if (!this.waiting.some((other) => other.at === change.at)) this.waiting.unshift(change);
  }
}
