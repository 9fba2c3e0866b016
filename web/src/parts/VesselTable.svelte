<script lang="ts" module>
  // A vessel as the screen edits it; which sizes it has depends on its kind.
  export type Vessel = { name: string; key?: string; fan?: boolean } & Record<string, string | number | boolean | undefined>;
</script>

<script lang="ts">
  import Vessels from "../pictures/Vessels.svelte";

  // Vessels of one kind, drawn to one scale, one a row; the last one stays, for a kitchen needs one.
  let { title, kind, sizes, rows, onrows }: { title: string; kind: string; sizes: Record<string, string>; rows: Vessel[]; onrows: (rows: Vessel[]) => void } = $props();

  const edit = (index: number, change: Partial<Vessel>) => onrows(rows.map((row, place) => (place === index ? ({ ...row, ...change } as Vessel) : row)));
  const number = (text: string) => (text === "" ? "" : Number(text));

  // A new one begins as the last, under a name and key of its own.
  function add(): void {
    const last = rows.at(-1)!;
    const key = last.key && `${last.key.replace(/-\d+.*$/, "")}-${rows.length + 1}-${Date.now().toString(36)}`;
    onrows([...rows, { ...last, name: `${last.name}, another`, ...(key ? { key } : {}) }]);
  }
</script>

<section class="tray min-w-0">
  <h2 class="text-xl">{title}</h2>
  <Vessels {kind} {rows} />
  {#each rows as row, index (row.key ?? index)}
    <div class="border-base-300 flex flex-wrap items-center gap-x-3 gap-y-1 border-t py-2">
      <input class="input h-11 min-w-32 grow basis-36 text-lg font-bold" aria-label="{title}: name" maxlength="120" value={row.name} oninput={(event) => edit(index, { name: event.currentTarget.value })} />
      {#each Object.entries(sizes) as [size, unit] (size)}
        <label class="flex items-center gap-2"><input class="input h-11 w-20 text-right text-lg" type="number" step="any" aria-label="{row.name}: {unit}" value={row[size]} oninput={(event) => edit(index, { [size]: number(event.currentTarget.value) })} />{unit}</label>
      {/each}
      {#if row.fan !== undefined}<label class="flex min-h-11 items-center gap-2"><input type="checkbox" class="checkbox" checked={row.fan} onchange={(event) => edit(index, { fan: event.currentTarget.checked })} />fan</label>{/if}
      {#if rows.length > 1}<button type="button" class="btn btn-outline h-11" aria-label="Remove {row.name}" onclick={() => onrows(rows.filter((other) => other !== row))}>Remove</button>{/if}
    </div>
  {/each}
  <button type="button" class="btn btn-outline mt-2 h-11" onclick={add}>Add another</button>
</section>
