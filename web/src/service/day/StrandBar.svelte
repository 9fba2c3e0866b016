<script lang="ts">
  import { clockOf } from "../../ui/clock";
  import type { Mover } from "./mover.svelte";
  import type { Piece } from "./strands";

  // A stretch of a task, to be chosen, dragged, or moved by the arrow keys. Hands are solid in the colour of
  // the food, heat and waits are hatched.
  type Drawn = { left: number; width: number; top: number; height: number };
  let {
    piece,
    place,
    mover,
    colour,
    text,
    where,
    edge,
  }: {
    piece: Piece;
    place: Drawn;
    mover: Mover;
    colour?: string;
    text: string;
    where: string;
    edge?: string;
  } = $props();

  const LETTER = 7.2;
  const task = $derived(piece.task);
  const chosen = $derived(mover.day.chosen === task.key);
  // Black or white, whichever stands out more from the colour: one of them always does.
  const ink = $derived.by(() => {
    if (!colour) return undefined;
    const [red, green, blue] = [1, 3, 5]
      .map((at) => parseInt(colour.slice(at, at + 2), 16) / 255)
      .map((each) => (each <= 0.04045 ? each / 12.92 : ((each + 0.055) / 1.055) ** 2.4));
    return 0.2126 * red! + 0.7152 * green! + 0.0722 * blue! > 0.179 ? "#000" : "#fff";
  });
  // What is written on it is part of what it is called.
  const name = $derived(
    `${task.name}, ${clockOf(piece.from)} to ${clockOf(piece.to)}, ${where}` +
      (task.critical ? ", on the longest chain" : ""),
  );
  const said = $derived(text.length * LETTER + 6 <= place.width ? text : "");
</script>

<button
  class={["bar absolute overflow-hidden rounded-sm text-center whitespace-nowrap", piece.kind]}
  class:chosen
  class:critical={task.critical}
  class:done={task.state === "done"}
  style:left="{place.left}px"
  style:width="{Math.max(place.width, 4)}px"
  style:top="{place.top}px"
  style:height="{place.height}px"
  style:background-color={piece.kind === "hands" ? colour : undefined}
  style:color={piece.kind === "hands" ? ink : undefined}
  style:border-left={edge ? `5px solid ${edge}` : undefined}
  title="{task.name}, {clockOf(piece.from)} to {clockOf(piece.to)}"
  aria-pressed={chosen}
  aria-label={name.toLowerCase().includes(said.toLowerCase()) ? name : `${name}, ${said}`}
  onpointerdown={(event) => mover.down(event, task)}
  onfocus={() => void mover.day.choose(task.key)}
  onkeydown={(event) => mover.keys(event, task)}>{said}</button
>

<style>
  .bar {
    border: 1.5px solid var(--rim);
    touch-action: pan-x;
    cursor: grab;
    font-size: 0.8125rem;
    font-weight: 600;
    line-height: 1;
    padding: 0;
  }
  .hands {
    background-color: var(--color-primary);
    color: var(--color-primary-content);
  }
  .heat,
  .waits {
    background-color: var(--color-base-100);
    color: var(--color-base-content);
  }
  .heat {
    background-image: repeating-linear-gradient(
      45deg,
      transparent 0 4px,
      color-mix(in oklab, var(--color-accent) 55%, transparent) 4px 6px
    );
  }
  .waits {
    background-image: repeating-linear-gradient(
      45deg,
      transparent 0 5px,
      color-mix(in oklab, var(--rim) 30%, transparent) 5px 6px
    );
  }
  .critical {
    border-bottom: 4px solid var(--color-accent);
  }
  .chosen {
    outline: 3px solid var(--color-accent);
    outline-offset: 1px;
    z-index: 10;
  }
  .done {
    opacity: 0.45;
  }
</style>
