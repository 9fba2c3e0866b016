// Of several askings the last one counts: what is answered after another was asked for, or after all of it
// was let go, comes to nothing. An answer on its way would else open again what was closed meanwhile.
export class Latest {
  private turn = 0;

  async of<T>(answer: Promise<T>): Promise<T | undefined> {
    const turn = ++this.turn;
    const said = await answer;
    return turn === this.turn ? said : undefined;
  }

  letGo(): void {
    this.turn++;
  }
}
