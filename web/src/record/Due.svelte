<script lang="ts">
  import { api, ask, type Schemas } from "../api/client";
  import Mark from "../ui/Mark.svelte";
  import { whenMoved } from "../state/live.svelte";
  import { wallClock } from "../ui/clock";
  import WriteDown from "./WriteDown.svelte";

  // What is to be looked at today, those that are wanted now with their field; and fridges that stand warm.
  const AGAIN = 60000;
  let said = $state.raw<Schemas["Checks"]>();
  let all = $state(false);

  async function load(): Promise<void> {
    said =
      (await ask(api.GET("/api/checks", { params: { query: { now: wallClock() } } }))).data ?? said;
  }
  void load();
  $effect(() => whenMoved(() => void load()));
  $effect(() => {
    const again = setInterval(() => void load(), AGAIN);
    return () => clearInterval(again);
  });
  const wanted = $derived(
    (said?.checks ?? []).filter((each) => each.state === "due" || each.state === "late"),
  );
  const others = $derived((said?.checks ?? []).filter((each) => !wanted.includes(each)));
  const next = $derived(others.find((each) => each.state === "later"));
</script>

<section class="tray" aria-label="Due now">
  <h2 class="text-xl">
    {wanted.length > 0 ? "Due now" : "Nothing is due"}{#if wanted.length === 0 && next}<span
        class="quiet text-base font-normal">, next {next.about} at {next.at.slice(11)}</span
      >{/if}
  </h2>
  {#each said?.warm ?? [] as warm (warm.about)}
    <p class="text-error font-semibold">
      <Mark kind="stop" />
      {warm.about} read {warm.text} at {warm.clock.slice(11)}: shut it, look for why, read it again;
      what stood warm too long is thrown.
    </p>
  {/each}
  {#each wanted as check (`${check.at} ${check.about} ${check.of}`)}
    <div class="border-base-300 border-t py-1">
      <p class="quiet">
        <b class="tabular-nums">{check.at.slice(11)}</b>
        {check.of === "cooling" ? "as it cools" : ""}
        {#if check.state === "late"}<b class="text-warning">late</b>{/if}
      </p>
      <WriteDown
        name={check.about}
        unit="°C"
        what={{
          kind: "temperature",
          of: check.of,
          about: check.about,
          ...(check.service && { service: check.service }),
          ...(check.task && { task: check.task }),
        }}
        ondone={load}
      />
    </div>
  {/each}
  {#if others.length > 0}
    <button class="btn btn-ghost mt-1 h-11" aria-expanded={all} onclick={() => (all = !all)}
      >All of today, {others.filter((each) => each.state === "done").length} done</button
    >
    {#if all}<ul>
        {#each others as check (`${check.at} ${check.about} ${check.of}`)}
          <li class="border-base-300 flex gap-3 border-t py-1">
            <span class="tabular-nums">{check.at.slice(11)}</span><span class="grow">{check.about}</span
            >
            <b class="tabular-nums">{check.read ?? ""}</b><span class="quiet">{check.by ?? ""}</span>
          </li>
        {/each}
      </ul>{/if}
  {/if}
</section>
