<script lang="ts">
  import type { Taste } from "../api/client";
  import Dot from "../ui/Dot.svelte";
  import Fact from "../ui/Fact.svelte";
  import Figure from "../ui/Figure.svelte";

  // What a serving costs, and its three dearest lines.
  let { cost }: { cost: Taste["cost"] } = $props();
  const dearest = $derived(
    cost.dearest.flatMap((at) => cost.lines.find((line) => line.at === at) ?? []),
  );
</script>

<section class="tray">
  <h2 class="text-xl">Cost</h2>
  <div class="my-2"><Fact label="A serving, in your money" of={cost.cost} size="text-3xl" /></div>
  <p class="quiet">Dearest, from what is bought. Prices are placeholders until you set yours.</p>
  {#each dearest as line (line.at)}
    <p class="border-base-300 flex min-h-10 items-center gap-2 border-t">
      <Dot colour={line.colour} /><span class="grow">{line.name}</span><Figure
        of={line.cost}
        size="text-lg"
        label="{line.name}, cost"
      />
    </p>
  {/each}
</section>
