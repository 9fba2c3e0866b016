<script lang="ts">
  import type { KitchenRecord } from "../api/client";

  // How the house measures: scales, thermometers, cup and spoons.
  let { measures, onmeasures }: { measures: KitchenRecord["measures"]; onmeasures: (measures: KitchenRecord["measures"]) => void } = $props();
  const CUPS = [["250", "250 ml, metric"], ["236.6", "236.6 ml, US"]] as const;
  const SPOONS = [["15", "15 ml"], ["14.8", "14.8 ml, US"], ["20", "20 ml, Australian"]] as const;
  const near = (list: readonly (readonly [string, string])[], value: number | undefined) => list.map(([each]) => each).find((each) => Math.abs(Number(each) - (value ?? 0)) < 0.2) ?? list[0]![0];
</script>

<label>Weights and volumes <select class="select h-11 w-full text-lg" value={measures.system} onchange={(event) => onmeasures({ ...measures, system: event.currentTarget.value as "metric" | "us" })}><option value="metric">kg and litres</option><option value="us">lb, oz, cups and quarts</option></select></label>
<label>Heat <select class="select h-11 w-full text-lg" value={measures.degrees} onchange={(event) => onmeasures({ ...measures, degrees: event.currentTarget.value as "c" | "f" })}><option value="c">°C</option><option value="f">°F</option></select></label>
<label>A cup is <select class="select h-11 w-full text-lg" value={near(CUPS, measures.cup_ml)} onchange={(event) => onmeasures({ ...measures, cup_ml: Number(event.currentTarget.value) })}>{#each CUPS as [value, words] (value)}<option {value}>{words}</option>{/each}</select></label>
<label>A tablespoon is <select class="select h-11 w-full text-lg" value={near(SPOONS, measures.tablespoon_ml)} onchange={(event) => onmeasures({ ...measures, tablespoon_ml: Number(event.currentTarget.value) })}>{#each SPOONS as [value, words] (value)}<option {value}>{words}</option>{/each}</select></label>
