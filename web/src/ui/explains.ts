import type { Working } from "../api/client";

export type Keep = "service" | "kitchen";

// What a screen with figures on it can do: open a working, and change what stands in it.
export interface Explains {
  faults: Record<string, string>;
  working: Working | undefined;
  explain(at: string): void | Promise<void>;
  close(): void;
  change(at: string, value: string | number | null, keep?: Keep): void;
}
