import { read, type Place } from "./places";

export { STAGES, type Place, type Stage } from "./places";

export const here = $state<{ place: Place }>({ place: read(location.pathname) });

export function go(path: string): void {
  if (path !== location.pathname) history.pushState(null, "", path);
  here.place = read(path);
}

addEventListener("popstate", () => (here.place = read(location.pathname)));

// Lets plain links work without loading the page again.
export function follow(event: MouseEvent): void {
  const link = (event.target as Element).closest("a");
  if (
    !link ||
    link.origin !== location.origin ||
    link.hasAttribute("download") ||
    link.pathname.startsWith("/api/")
  )
    return;
  if (event.metaKey || event.ctrlKey || event.shiftKey || event.button !== 0) return;

  event.preventDefault();
  go(link.pathname);
}
