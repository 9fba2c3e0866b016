import type { Answer, Problem } from "../api/client";
import { slowly, STOPPED, type Far } from "../api/lines";

// One piece of work that takes long: whether it is under way, how far it is, and a way to stop it.
export class Slow {
  far = $state.raw<Far>();
  underWay = $state(false);
  private stopping = new AbortController();

  async run<T>(path: string, init?: RequestInit): Promise<Answer<T>> {
    this.stopping = new AbortController();
    this.far = undefined;
    this.underWay = true;
    const answer = await slowly<T>(
      path,
      (far) => (this.far = far ?? this.far),
      this.stopping.signal,
      init,
    );
    this.underWay = false;
    return answer;
  }

  // What went wrong with it; to have stopped it is nothing wrong.
  static fault(answer: Answer<unknown>): Problem | undefined {
    return answer.problem === STOPPED ? undefined : answer.problem;
  }

  stop(): void {
    this.stopping.abort();
  }
}
