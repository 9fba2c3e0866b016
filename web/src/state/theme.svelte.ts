// Which of the two enamels is on; remembered on this device.
const KEY = "scullion-theme";
export const theme = $state({ night: false });

export function restoreTheme(): void {
  const kept = localStorage.getItem(KEY);
  setNight(kept ? kept === "night" : matchMedia("(prefers-color-scheme: dark)").matches);
}

export function setNight(night: boolean): void {
  theme.night = night;
  document.documentElement.dataset.theme = night ? "enamel-night" : "enamel";
  localStorage.setItem(KEY, night ? "night" : "day");
}
