<script lang="ts">
  import type { Snippet } from "svelte";
  import Vessels from "./Vessels.svelte";
  import { another, nameOf, type Column, type List, type Row, type Value } from "./lists";

  // Things of one kind, one a row; vessels are drawn to one scale above them.
  let {
    of,
    rows,
    choices = [],
    onrows,
    extra,
  }: {
    of: List;
    rows: Row[];
    choices?: { key: string; name: string }[];
    onrows: (rows: Row[]) => void;
    extra?: Snippet<[Row]>;
  } = $props();

  const edit = (index: number, change: Row) =>
    onrows(rows.map((row, place) => (place === index ? { ...row, ...change } : row)));
  const typed = (column: Column, text: string): Value =>
    (column.kind ?? "number") !== "number" ? text : text === "" ? "" : Number(text);
  // All of them is the same as none in particular.
  const several = (row: Row, column: Column) =>
    Array.isArray(row[column.field])
      ? (row[column.field] as string[])
      : choices.map((choice) => choice.key);
  function toggle(index: number, column: Column, key: string, on: boolean): void {
    const chosen = choices
      .map((choice) => choice.key)
      .filter((each) => (each === key ? on : several(rows[index]!, column).includes(each)));
    edit(index, { [column.field]: chosen.length === choices.length ? undefined : chosen });
  }
  const label = (row: Row, column: Column) => `${nameOf(row) || of.noun}: ${column.unit}`;
</script>

<section class="tray mb-3 min-w-0 break-inside-avoid">
  <h2 class="text-xl">{of.title}</h2>
  {#if of.drawn && rows.length > 0}<Vessels kind={of.list} {rows} />{/if}
  {#each rows as row, index (row.key ?? index)}
    <div class="border-base-300 flex flex-wrap items-center gap-x-2 gap-y-1 border-t py-2">
      {#if row.initials !== undefined}
        <input
          class="input h-11 w-24 text-lg font-bold"
          aria-label="{of.title}: initials"
          maxlength="12"
          value={row.initials}
          oninput={(event) => edit(index, { initials: event.currentTarget.value })}
        />
      {:else}
        <input
          class="input h-11 min-w-28 grow basis-28 text-lg font-bold"
          aria-label="{of.title}: name"
          maxlength="120"
          value={row.name}
          oninput={(event) => edit(index, { name: event.currentTarget.value })}
        />
      {/if}
      {#each of.columns as column (column.field)}
        {#if column.kind === "flag"}
          <label class="flex min-h-11 items-center gap-2"
            ><input
              type="checkbox"
              class="checkbox"
              checked={row[column.field] === true}
              onchange={(event) => edit(index, { [column.field]: event.currentTarget.checked })}
            />{column.unit}</label
          >
        {:else if column.kind === "choice"}
          <label class="flex items-center gap-2"
            >{column.unit}<select
              class="select h-11 w-44 text-lg"
              aria-label={label(row, column)}
              value={row[column.field]}
              onchange={(event) => edit(index, { [column.field]: event.currentTarget.value })}
              >{#each choices as choice (choice.key)}<option value={choice.key}>{choice.name}</option
                >{/each}</select
            ></label
          >
        {:else if column.kind === "several"}
          <details class="order-last w-full">
            <summary class="flex min-h-11 cursor-pointer items-center"
              ><span
                ><span class="quiet">{column.unit}</span>
                {several(row, column).length === choices.length
                  ? "everything"
                  : choices
                      .filter((choice) => several(row, column).includes(choice.key))
                      .map((choice) => choice.name.toLowerCase())
                      .join(", ") || "nothing yet"} <span class="quiet">· change</span></span
              ></summary
            >
            <div class="flex flex-wrap gap-x-4" role="group" aria-label={label(row, column)}>
              {#each choices as choice (choice.key)}<label class="flex min-h-11 items-center gap-2"
                  ><input
                    type="checkbox"
                    class="checkbox"
                    checked={several(row, column).includes(choice.key)}
                    onchange={(event) => toggle(index, column, choice.key, event.currentTarget.checked)}
                  />{choice.name}</label
                >{/each}
            </div>
          </details>
        {:else}
          <label class="flex items-center gap-2"
            >{#if column.kind === "time"}{column.unit}{/if}<input
              class="input h-11 {column.kind === 'time'
                ? 'w-20'
                : 'w-[4.75rem] px-2 text-right'} text-lg"
              type={column.kind === "time" ? "text" : "number"}
              step="any"
              maxlength="12"
              placeholder={column.kind === "time" ? "07:00" : undefined}
              aria-label={label(row, column)}
              value={row[column.field]}
              oninput={(event) =>
                edit(index, { [column.field]: typed(column, event.currentTarget.value) })}
            />{#if column.kind !== "time"}{column.unit}{/if}</label
          >
        {/if}
      {/each}
      <span class="ml-auto flex items-center"
        >{@render extra?.(row)}{#if rows.length > of.least}<button
            type="button"
            class="btn btn-ghost h-11 w-11 p-0 text-xl"
            aria-label="Remove {nameOf(row)}"
            title="Remove"
            onclick={() => onrows(rows.filter((other) => other !== row))}>×</button
          >{/if}</span
      >
    </div>
  {:else}
    <p class="quiet py-2">None yet.</p>
  {/each}
  <button
    type="button"
    class="btn btn-outline mt-2 h-11"
    onclick={() => onrows([...rows, another(rows, of.blank)])}
    >Add {rows.length > 0 ? "another" : `a ${of.noun}`.replace("a ice", "an ice")}</button
  >
</section>
