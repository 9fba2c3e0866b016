<script lang="ts">
  import { api, ask, plainly, type ToolRates } from "../api/client";
  import { by } from "../state/who.svelte";

  // The tools there are, and how many kilos an hour each cuts here; those that every kitchen has
  // are always there.
  let {
    tools,
    owned,
    onowned,
    onrates,
  }: { tools: ToolRates[]; owned: string[]; onowned: (keys: string[]) => void; onrates: () => void } =
    $props();
  let faults = $state<Record<string, string>>({});

  async function set(at: string, value: string | null): Promise<void> {
    const answer = await ask(api.PUT("/api/house-figures", { body: { at, value, by: by() } }));
    if (answer.problem) faults[at] = plainly(answer.problem);
    else {
      delete faults[at];
      onrates();
    }
  }
</script>

<section class="tray min-w-0">
  <h2 class="text-xl">Tools, and what they cut in an hour</h2>
  <p class="quiet">
    Time yourself once and write your own rate; it saves itself. Prep then picks the tool that is done
    first, washing up included.
  </p>
  <div class="mt-2 grid gap-x-6 md:grid-cols-2">
    {#each tools as tool (tool.key)}
      <div class="border-base-300 flex flex-wrap items-start gap-x-3 border-t">
        <label class="flex min-h-11 items-center gap-2"
          ><input
            type="checkbox"
            class="checkbox"
            disabled={tool.plain}
            checked={tool.plain || owned.includes(tool.key)}
            onchange={(event) =>
              onowned(
                event.currentTarget.checked
                  ? [...owned, tool.key]
                  : owned.filter((key) => key !== tool.key),
              )}
          /><b class="inline-block first-letter:uppercase">{tool.name}</b></label
        >
        <details class="min-w-60 grow">
          <summary class="flex min-h-11 cursor-pointer items-center gap-3">
            <span class="quiet grow"
              >{tool.bench} · {tool.setup_minutes} min to set up, {tool.clean_minutes} to wash</span
            >
            <span class="quiet">{tool.cuts.length} cuts ▾</span>
          </summary>
          <table class="mb-2 w-full">
            <tbody>
              {#each tool.cuts as cut (cut.at)}
                <tr class="border-base-300 border-t">
                  <td class="py-1"
                    >{cut.name}{#if faults[cut.at]}<br /><span
                        class="text-error font-semibold"
                        role="alert">{faults[cut.at]}</span
                      >{/if}</td
                  >
                  <td class="py-1 text-right whitespace-nowrap">
                    {#if cut.default !== undefined}<button
                        type="button"
                        class="btn btn-outline mr-2 h-11"
                        onclick={() => set(cut.at, null)}>Back to {cut.default}</button
                      >{/if}
                    <input
                      class="input h-11 w-20 text-right text-lg font-bold"
                      aria-label="{tool.name}, {cut.name}: kg an hour"
                      value={cut.kg_per_h}
                      onchange={(event) => set(cut.at, event.currentTarget.value)}
                    /> kg/h
                  </td>
                </tr>
              {/each}
            </tbody>
          </table>
        </details>
      </div>
    {/each}
  </div>
</section>
