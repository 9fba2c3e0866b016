<script lang="ts">
  import type { Prep, Schemas } from "../../api/client";

  // One bench on paper: a box to tick, the weights to weigh, cut, tool and minutes; large and black.
  let {
    name,
    minutes,
    lines,
    found,
  }: { name: string; minutes: string; lines: Prep[]; found: Schemas["Finding"][] } = $props();
  const MARK = { stop: "■ STOP", look: "▲", mind: "○" };
</script>

<section class="only-print mb-6">
  <h2 class="border-b-2 border-black text-2xl">
    {name} <span class="text-base font-normal">{minutes} hands on</span>
  </h2>
  <table class="w-full">
    <thead
      ><tr class="text-left text-sm"
        ><th></th><th></th><th class="pl-3 text-right">Bought</th><th class="pl-3 text-right"
          >Trimmed</th
        ><th class="pl-3 text-right">Ready</th><th class="pl-4">How</th><th class="pl-3 text-right"
          >Hands</th
        ></tr
      ></thead
    >
    <tbody>
      {#each lines as line (line.key)}
        <tr class="break-inside-avoid border-b border-black align-top">
          <td class="py-2 pr-2"><span class="inline-block h-6 w-6 border-2 border-black"></span></td>
          <td class="py-2 text-xl font-bold">{line.name}</td>
          <td class="py-2 pl-3 text-right text-xl font-bold whitespace-nowrap">{line.ap_grams.text}</td>
          <td class="py-2 pl-3 text-right text-xl whitespace-nowrap">{line.ep_grams.text}</td>
          <td class="py-2 pl-3 text-right text-xl whitespace-nowrap">{line.ready_grams.text}</td>
          <td class="py-2 pl-4">
            {[
              line.pieces,
              line.fruit,
              line.trim,
              line.cut &&
                `${line.cut.name}${line.cut.after_cooking ? ", once cooked" : ""}, ${line.cut.tool}`,
            ]
              .filter(Boolean)
              .join(" · ")}
            {#if line.treat}<br /><b>{line.treat.said}</b>{line.treat.takes.length > 0
                ? `: ${line.treat.takes.join(", ")}`
                : ""}{/if}
            {#if line.written}<br />“{line.written}”{/if}
            {#if line.trim_off}<br />Trim: {line.trim_off} → {line.trim_use}{/if}
            {#each found.filter((each) => each.at === line.at) as each (each.key + each.what)}<br
              />{MARK[each.grave]}
              {each.what}
              {each.remedy}{/each}
          </td>
          <td class="py-2 pl-3 text-right whitespace-nowrap">{line.hands_minutes.text}</td>
        </tr>
      {/each}
    </tbody>
  </table>
</section>
