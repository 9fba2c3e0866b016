import type { Cooking, Figure } from "../../api/client";

// Which figures a cooking sheet has depends on its method; these read them by name.
export function figure(batch: Cooking, name: string): Figure | undefined {
  const found = batch[name];
  return typeof found === "object" && found !== null && "text" in found ? (found as Figure) : undefined;
}

export const amount = (batch: Cooking, name: string) => Number(figure(batch, name)?.value ?? 0);
export const text = (batch: Cooking, name: string) => figure(batch, name)?.text ?? "";
