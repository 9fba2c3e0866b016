<script lang="ts">
  import Help from "./Help.svelte";
  import { live, tare } from "../state/live.svelte";
  import { here } from "../state/place.svelte";
  import { setNight, theme } from "../state/theme.svelte";
  import { units } from "../state/units.svelte";

  void units.load();

  const on = (path: string) =>
    path ===
    ((
      {
        desk: "services",
        run: "services",
        close: "services",
        delivery: "services",
        week: "services",
        salad: "salads",
        paste: "salads",
        "use-up": "record",
      } as Record<string, string>
    )[here.place.screen] ?? here.place.screen);
  const SCREENS = [
    ["services", "Services"],
    ["salads", "Salads"],
    ["larder", "Larder"],
    ["kitchen", "Kitchen"],
    ["record", "Record"],
  ] as const;
</script>

<header class="no-print bg-neutral text-neutral-content mb-3">
  <div
    class="mx-auto flex h-12 max-w-[84rem] items-stretch gap-1 px-2 text-sm sm:gap-6 sm:px-5 sm:text-base"
  >
    <a
      href="/services"
      class="hidden items-center text-xl font-bold sm:flex"
      style:font-family="'Bricolage Grotesque Variable', sans-serif">Scullion</a
    >
    {#each SCREENS as [path, name] (path)}
      <a
        href="/{path}"
        class="flex items-center border-y-4 border-transparent px-1 font-semibold {on(path!)
          ? 'border-b-current'
          : ''}"
        aria-current={on(path!) ? "page" : undefined}>{name}</a
      >
    {/each}
    <span class="grow"></span>
    {#if live.scale?.text}<button
        class={["px-2 font-bold whitespace-nowrap tabular-nums", !live.scale.settled && "opacity-60"]}
        title="What the scale reads; a touch makes it nothing"
        aria-label="The scale reads {live.scale.text}: tare"
        onclick={tare}>{live.scale.text}</button
      >{/if}
    <button
      class="hidden px-3 whitespace-nowrap sm:block"
      title="Change how weights and heat are written"
      aria-label="Units: {units.words}"
      onclick={() => units.turn()}>{units.words}</button
    >
    <button class="px-1 sm:px-3" onclick={() => setNight(!theme.night)} aria-pressed={theme.night}
      >{theme.night ? "Day" : "Night"}</button
    >
    <Help />
  </div>
</header>
