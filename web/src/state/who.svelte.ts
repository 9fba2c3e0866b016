// Whose hands are on this device: initials, noted beside the figures they set. Remembered here.
const KEY = "scullion-initials";
export const who = $state({ initials: localStorage.getItem(KEY) ?? "" });

export function setInitials(initials: string): void {
  who.initials = initials.trim().slice(0, 12);
  localStorage.setItem(KEY, who.initials);
}

// For a request: nothing when nobody said.
export const by = (): string | undefined => who.initials || undefined;
