// Whether what was read last came from this device, as nobody answered: then it may be old, and says so.
export const stale = $state({ now: false });

export function heard(response: Response): void {
  stale.now = response.headers.has("x-said-last");
}
