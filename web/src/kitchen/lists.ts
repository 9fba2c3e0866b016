// What the kitchen's screen edits: lists of things, each with a name and a few sizes.
export type Value = string | number | boolean | string[] | undefined;
export type Row = Record<string, Value>;
export type Column = {
  field: string;
  unit: string;
  kind?: "number" | "time" | "text" | "choice" | "several" | "flag";
  wide?: boolean;
};
export type List = {
  list: string;
  title: string;
  noun: string;
  least: number;
  columns: Column[];
  blank: Row;
  drawn?: boolean;
};

const count: Column = { field: "count", unit: "of them" };
const kw: Column = { field: "kw", unit: "kW" };

// In the order a cook would walk round the kitchen. blank: what a first one begins as.
export const LISTS: List[] = [
  {
    list: "pots",
    title: "Pots",
    noun: "pot",
    least: 1,
    drawn: true,
    columns: [
      { field: "diameter_cm", unit: "cm across" },
      { field: "height_cm", unit: "cm deep" },
    ],
    blank: { name: "Pot", key: "pot", diameter_cm: 32, height_cm: 24 },
  },
  {
    list: "trays",
    title: "Trays and gastronorm pans",
    noun: "tray",
    least: 1,
    drawn: true,
    columns: [
      { field: "length_cm", unit: "cm long" },
      { field: "width_cm", unit: "cm wide" },
      { field: "depth_cm", unit: "cm deep" },
      count,
    ],
    blank: { name: "Tray", key: "tray", length_cm: 53, width_cm: 32.5, depth_cm: 6.5, count: 6 },
  },
  {
    list: "pans",
    title: "Frying pans",
    noun: "pan",
    least: 1,
    drawn: true,
    columns: [{ field: "diameter_cm", unit: "cm across" }, count],
    blank: { name: "Pan", key: "pan", diameter_cm: 28, count: 1 },
  },
  {
    list: "bowls",
    title: "Mixing bowls",
    noun: "bowl",
    least: 1,
    drawn: true,
    columns: [{ field: "litres", unit: "litres" }, count],
    blank: { name: "Bowl", key: "bowl", litres: 20, count: 1 },
  },
  {
    list: "burners",
    title: "Burners",
    noun: "burner",
    least: 1,
    columns: [kw, count],
    blank: { name: "Ring", kw: 5, count: 1 },
  },
  {
    list: "ovens",
    title: "Ovens",
    noun: "oven",
    least: 1,
    drawn: true,
    columns: [
      { field: "positions", unit: "tray positions" },
      kw,
      { field: "least_celsius", unit: "°C at least" },
      { field: "most_celsius", unit: "°C at most" },
      { field: "fan", unit: "fan", kind: "flag" },
    ],
    blank: { name: "Oven", positions: 6, fan: true, kw: 10, least_celsius: 50, most_celsius: 280 },
  },
  {
    list: "steamers",
    title: "Steamers",
    noun: "steamer",
    least: 0,
    columns: [{ field: "positions", unit: "tray positions" }, kw],
    blank: { name: "Steamer", positions: 5, kw: 9 },
  },
  {
    list: "microwaves",
    title: "Microwaves",
    noun: "microwave",
    least: 0,
    columns: [{ field: "watts", unit: "W" }],
    blank: { name: "Microwave", watts: 1000 },
  },
  {
    list: "chillers",
    title: "Fridges and chillers",
    noun: "fridge",
    least: 0,
    columns: [
      { field: "method", unit: "cools as", kind: "choice", wide: true },
      { field: "shelves", unit: "shelves" },
    ],
    blank: { name: "Fridge", method: "fan-fridge", shelves: 6 },
  },
  {
    list: "ice_machines",
    title: "Ice",
    noun: "ice machine",
    least: 0,
    columns: [
      { field: "kg_per_day", unit: "kg a day" },
      { field: "bin_kg", unit: "kg in the bin" },
    ],
    blank: { name: "Ice machine", kg_per_day: 45, bin_kg: 20 },
  },
  {
    list: "cooks",
    title: "Cooks and shifts",
    noun: "cook",
    least: 0,
    columns: [
      { field: "from", unit: "from", kind: "time" },
      { field: "to", unit: "to", kind: "time" },
      { field: "break_from", unit: "break from", kind: "time" },
      { field: "break_to", unit: "break to", kind: "time" },
      { field: "skills", unit: "does", kind: "several" },
    ],
    blank: { initials: "AB", from: "07:00", to: "15:00" },
  },
];

export const nameOf = (row: Row): string => String(row.name ?? row.initials ?? "");

// Another like the last, under a name and key of its own.
export function another(rows: Row[], blank: Row): Row {
  const last = rows.at(-1);
  if (!last) return { ...blank, ...(blank.key ? { key: `${blank.key}-1` } : {}) };

  const key = last.key
    ? {
        key: `${String(last.key).replace(/-\d+.*$/, "")}-${rows.length + 1}-${Date.now().toString(36)}`,
      }
    : {};
  const { boil_factor: _, ...rest } = last;
  return { ...rest, ...key, ...(last.initials ? { initials: "" } : { name: `${last.name}, another` }) };
}
