<script lang="ts">
  import type { KitchenRecord } from "../api/client";

  // How the house measures: scales, thermometers, cup and spoons.
  let {
    measures,
    onmeasures,
  }: {
    measures: KitchenRecord["measures"];
    onmeasures: (measures: KitchenRecord["measures"]) => void;
  } = $props();
  type Choice = readonly [string, string];
  const CUPS = [
    ["250", "250 ml, metric"],
    ["236.6", "236.6 ml, US"],
  ] as const;
  const SPOONS = [
    ["15", "15 ml"],
    ["14.8", "14.8 ml, US"],
    ["20", "20 ml, Australian"],
  ] as const;
  const SCALES = [
    ["0.1", "0.1 g"],
    ["0.5", "0.5 g"],
    ["1", "1 g"],
    ["2", "2 g"],
    ["5", "5 g"],
  ] as const;
  // The house's own, where it is none of the usual ones.
  function choices(
    usual: readonly Choice[],
    ml: number | undefined,
    unit = "ml",
    within = 0.2,
  ): { all: readonly Choice[]; value: string } {
    const near = usual.find(([each]) => Math.abs(Number(each) - (ml ?? 0)) < within);
    if (near || ml === undefined) return { all: usual, value: near?.[0] ?? usual[0]![0] };
    return { all: [[String(ml), `${ml} ${unit}, your own`], ...usual], value: String(ml) };
  }

  const cup = $derived(choices(CUPS, measures.cup_ml));
  const spoon = $derived(choices(SPOONS, measures.tablespoon_ml));
  const scale = $derived(choices(SCALES, measures.scale_g, "g", 0.05));
</script>

<label
  >Weights and volumes <select
    class="select h-11 w-full text-lg"
    value={measures.system}
    onchange={(event) =>
      onmeasures({ ...measures, system: event.currentTarget.value as "metric" | "us" })}
    ><option value="metric">kg and litres</option><option value="us">lb, oz, cups and quarts</option
    ></select
  ></label
>
<label
  >Heat <select
    class="select h-11 w-full text-lg"
    value={measures.degrees}
    onchange={(event) => onmeasures({ ...measures, degrees: event.currentTarget.value as "c" | "f" })}
    ><option value="c">°C</option><option value="f">°F</option></select
  ></label
>
<label
  >A cup is <select
    class="select h-11 w-full text-lg"
    value={cup.value}
    onchange={(event) => onmeasures({ ...measures, cup_ml: Number(event.currentTarget.value) })}
    >{#each cup.all as [value, words] (value)}<option {value}>{words}</option>{/each}</select
  ></label
>
<label
  >A tablespoon is <select
    class="select h-11 w-full text-lg"
    value={spoon.value}
    onchange={(event) => onmeasures({ ...measures, tablespoon_ml: Number(event.currentTarget.value) })}
    >{#each spoon.all as [value, words] (value)}<option {value}>{words}</option>{/each}</select
  ></label
>
<label
  >The scale weighs to <select
    class="select h-11 w-full text-lg"
    value={scale.value}
    onchange={(event) => onmeasures({ ...measures, scale_g: Number(event.currentTarget.value) })}
    >{#each scale.all as [value, words] (value)}<option {value}>{words}</option>{/each}</select
  ></label
>
