import type { Entry } from "./queue";

// What is written down; its id, its times and whose hands it was are added.
export type Happened = {
  kind: string;
  of?: string;
  value?: number;
  written?: string;
  service?: number;
  task?: string;
  lot?: string;
  about?: string;
  device?: string;
  note?: string;
  // A JPEG, in base64.
  picture?: string;
  mends?: string;
  void?: boolean;
};

// An id that is there also where a browser gives none, as on an address that is not secure.
const uid = (): string =>
  crypto.randomUUID?.() ?? `${Date.now()}-${Math.random().toString(36).slice(2, 12)}`;

export function entryOf(happened: Happened, clock: string, by: string | undefined): Entry {
  const at = new Date().toISOString().replace(/\.\d+Z$/, "Z");
  const entry = { uid: uid(), at, clock, by, ...happened };
  return Object.fromEntries(Object.entries(entry).filter(([, value]) => value !== undefined)) as Entry;
}
