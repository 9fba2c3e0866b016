<script lang="ts">
  import { api, ask, type Schemas } from "../api/client";
  import type { SaladEditor } from "./salad.svelte";

  // The salad as it stood before each change; any of them can be seen beside it and taken back.
  let { editor }: { editor: SaladEditor } = $props();
  let earlier = $state.raw<Schemas["EarlierBuild"][]>([]);

  $effect(() => {
    void editor.version;
    let latest = true;
    void ask(
      api.GET("/api/salads/{key}/earlier", { params: { path: { key: editor.salad!.key } } }),
    ).then(({ data }) => latest && (earlier = data ?? []));
    return () => (latest = false);
  });
  const when = (time: string) =>
    new Date(time).toLocaleString([], {
      weekday: "short",
      day: "numeric",
      month: "short",
      hour: "2-digit",
      minute: "2-digit",
    });
</script>

{#if earlier.length > 0}
  <details class="tray">
    <summary class="cursor-pointer py-2 text-xl font-bold"
      >As it was, {earlier.length === 1 ? "1 change" : `${earlier.length} changes`} back</summary
    >
    <ol>
      {#each earlier as kept (kept)}
        <li class="border-base-300 grid grid-cols-[1fr_auto] items-center gap-3 border-t py-1">
          <span><span class="quiet">{when(kept.changed_at)}</span> {kept.what}</span>
          <button
            class="btn btn-outline h-11"
            aria-label="See it as it was before: {kept.what}"
            onclick={() => editor.tryOut(`As it was ${when(kept.changed_at)}`, kept.salad)}
            >See before</button
          >
        </li>
      {/each}
    </ol>
  </details>
{/if}
