<script lang="ts">
  import Help from "./Help.svelte";
  import { setNight, theme } from "../state/theme.svelte";
</script>

<header class="no-print bg-neutral text-neutral-content mb-3">
  <div class="mx-auto flex h-12 max-w-[84rem] items-stretch gap-6 px-3 sm:px-5">
    <a href="/services" class="flex items-center text-xl font-bold" style:font-family="'Bricolage Grotesque Variable', sans-serif">Scullion</a>
    <a href="/services" class="flex items-center px-1 font-semibold">Services</a>
    <span class="grow"></span>
    <button class="px-3" onclick={() => setNight(!theme.night)} aria-pressed={theme.night}>{theme.night ? "Day" : "Night"}</button>
    <Help />
  </div>
</header>
