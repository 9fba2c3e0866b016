import { api, ask } from "../api/client";

// What the server tells every open screen as it happens: that something was written anywhere, and what the
// scale and the probe read. One connection, shared by all that is on the screen; it comes again by itself.
export type Reading = { value?: number; text?: string; settled?: boolean; gone?: string };
export type Meter = "scale" | "probe";

// lost: nobody has answered for a while.
export const live = $state<{ scale?: Reading; probe?: Reading; open: boolean; lost: boolean }>({
  open: false,
  lost: false,
});
const LOST = 3000;
let losing: ReturnType<typeof setTimeout> | undefined;

let hearers: { hear: () => void; of: number | undefined }[] = [];
let source: EventSource | undefined;

// Only while it is looked at: a browser has few connections to one house, and a page in the background must
// not keep one.
document.addEventListener("visibilitychange", () => {
  if (document.hidden) {
    source?.close();
    source = undefined;
    live.open = false;
  } else if (wanted) connect();
});

let wanted = false;
function connect(): void {
  wanted = true;
  if (source || document.hidden) return;
  source = new EventSource("/api/stream");
  source.addEventListener("open", () => {
    // What was missed meanwhile.
    if (!live.open) for (const { hear } of hearers) hear();
    live.open = true;
    live.lost = false;
    clearTimeout(losing);
    losing = undefined;
  });
  source.addEventListener("error", () => {
    live.open = false;
    losing ??= setTimeout(() => (live.lost = true), LOST);
    live.scale = live.probe = undefined;
    if (source?.readyState === EventSource.CLOSED) source = undefined;
  });
  source.addEventListener("moved", (event) => {
    const { service } = JSON.parse(event.data) as { service?: number };
    for (const { hear, of } of hearers) {
      if (service === undefined || of === undefined || of === service) hear();
    }
  });
  for (const meter of ["scale", "probe"] as const) {
    source.addEventListener(meter, (event) => (live[meter] = JSON.parse(event.data) as Reading));
  }
}

// Calls whenever something was written, on any screen, of one service or of any, until the returned is
// called. Where the connection was refused for good it is tried again with the next.
export function whenMoved(hear: () => void, service?: number): () => void {
  connect();
  const hearer = { hear, of: service };
  hearers = [...hearers, hearer];
  return () => void (hearers = hearers.filter((each) => each !== hearer));
}

// For a field that takes a weight or a temperature.
export const listen = connect;

export const tare = () => ask(api.POST("/api/devices/scale/tare"));
