<script lang="ts">
  import { api, ask, type Problem, type Schemas } from "../api/client";
  import Dot from "../ui/Dot.svelte";
  import Fault from "../ui/Fault.svelte";
  import Mark from "../ui/Mark.svelte";
  import { whenMoved } from "../state/live.svelte";
  import { write } from "./log.svelte";
  import WriteDown from "./WriteDown.svelte";

  // What was ordered, section by section, against what has come: one tap where all of it is there, a weight
  // where it is short, a word where it is refused; what must be cold is read.
  let {
    id,
    onload,
  }: {
    id: number;
    onload: (come: number, all: number) => void;
  } = $props();
  type Line = Schemas["Delivery"]["lines"][number];
  let delivery = $state.raw<Schemas["Delivery"]>();
  let problem = $state.raw<Problem>();
  let short = $state<string>();
  let refused = $state<string>();
  let why = $state("");
  let other = $state("");

  async function load(): Promise<void> {
    const answer = await ask(api.GET("/api/services/{id}/delivery", { params: { path: { id } } }));
    delivery = answer.data ?? delivery;
    problem = answer.problem;
    if (delivery) onload(delivery.come, delivery.lines.length);
  }
  void load();
  $effect(() => whenMoved(() => void load()));
  const sections = $derived([...new Set((delivery?.lines ?? []).map((line) => line.section))]);
  const received = (line: { name: string }, of: string, note?: string) =>
    write({ kind: "received", of, about: line.name, service: id, ...(note && { note }) }).then(load);

  async function refuse(line: Line): Promise<void> {
    await received(line, "refused", why.trim() || undefined);
    [refused, why] = [undefined, ""];
  }
  async function notOrdered(event: SubmitEvent): Promise<void> {
    event.preventDefault();
    await received({ name: other.trim() }, "whole");
    other = "";
  }
</script>

{#if problem}<Fault {problem} />{/if}
<div class="@container">
  <div class="grid items-start gap-3 @3xl:grid-cols-2">
    {#each sections as section (section)}
      <section class="tray" aria-label={section}>
        <h2 class="text-xl">{section}</h2>
        {#if delivery!.lines.some((line) => line.section === section && line.cold)}
          <WriteDown
            name="Came at"
            unit="°C"
            what={{ kind: "temperature", of: "delivery", about: section, service: id }}
          />
        {/if}
        {#each delivery!.lines.filter((line) => line.section === section) as line (line.ingredient)}
          <div class="border-base-300 border-t py-1">
            <div class="flex flex-wrap items-center gap-x-3 gap-y-1">
              <span class="flex grow items-center gap-2"
                ><Dot colour={line.colour} /><span
                  ><b>{line.name}</b> <span class="quiet">{line.order}</span></span
                ></span
              >
              {#if line.state}
                <span class="flex items-center gap-2"
                  ><Mark kind={line.state === "whole" ? "fits" : "look"} />{line.state === "whole"
                    ? "all here"
                    : line.state === "short"
                      ? `${line.got ?? ""} here`
                      : `refused${line.note ? `: ${line.note}` : ""}`}
                  <span class="quiet">{line.by ?? ""}</span></span
                >
              {/if}
              <button
                class={["btn h-11", line.state ? "btn-ghost" : "btn-primary"]}
                onclick={() => received(line, "whole")}>All here</button
              >
              <button
                class="btn btn-outline h-11"
                onclick={() => (short = short === line.ingredient ? undefined : line.ingredient)}
                >Short</button
              >
              <button
                class="btn btn-outline h-11"
                onclick={() => (refused = refused === line.ingredient ? undefined : line.ingredient)}
                >Refused</button
              >
            </div>
            {#if line.state === "short" && line.enough_for !== undefined}
              <p class="text-warning font-semibold">
                Enough for {line.enough_for} of {delivery!.covers}.
                <a class="link" href="/services/{id}/buy"
                  >What to do about it: <i>Short</i>, on the order</a
                >
              </p>
            {/if}
            {#if short === line.ingredient}
              <WriteDown
                name="There is only"
                unit="g"
                what={{ kind: "received", of: "short", about: line.name, service: id }}
                ondone={() => {
                  short = undefined;
                  void load();
                }}
              />
            {/if}
            {#if refused === line.ingredient}
              <form
                class="flex flex-wrap items-center gap-2"
                onsubmit={(event) => {
                  event.preventDefault();
                  void refuse(line);
                }}
              >
                <label class="flex grow items-center gap-2"
                  >Why <input class="input h-11 grow" maxlength="200" bind:value={why} /></label
                >
                <button class="btn btn-outline h-11">Send it back</button>
              </form>
            {/if}
          </div>
        {/each}
      </section>
    {/each}
    <section class="tray" aria-label="Not ordered">
      <h2 class="text-xl">Came, and was not ordered</h2>
      {#each delivery?.more ?? [] as more (more.name)}<p>{more.name} {more.text ?? ""}</p>{/each}
      <form class="flex flex-wrap items-center gap-2" onsubmit={notOrdered}>
        <label class="flex grow items-center gap-2"
          >What <input class="input h-11 grow" required maxlength="120" bind:value={other} /></label
        >
        <button class="btn btn-outline h-11">Write it down</button>
      </form>
    </section>
  </div>
</div>
