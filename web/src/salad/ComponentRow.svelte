<script lang="ts">
  import {
    api,
    ask,
    type Component,
    type CookingMethod,
    type Layer,
    type SwapOffer,
  } from "../api/client";
  import Along from "./Along.svelte";
  import MadeOf from "./MadeOf.svelte";
  import type { SaladEditor } from "./salad.svelte";
  import Choice from "../ui/Choice.svelte";
  import Dot from "../ui/Dot.svelte";
  import RowOfRecipe from "../ui/RowOfRecipe.svelte";
  import { cutsOf, methodsOf, ROLES, treatsOf, trimsOf } from "./components";

  // One component on the editor: how much, what for, how it is prepared, what is kept for the top,
  // and its place in the mixing order.
  let {
    editor,
    component,
    layer,
    index,
    count,
  }: { editor: SaladEditor; component: Component; layer: Layer; index: number; count: number } =
    $props();
  const ROW = "application/x-scullion-row";
  const HELD = [
    ["0", "all mixed in"],
    ["0.5", "half on top"],
    ["1", "all on top"],
  ] as const;

  let open = $state(false);
  let typed = $state<string>();
  const at = $derived(`components/${index}`);
  const fault = $derived(editor.faults[`${at}/grams`]);
  const facts = $derived(editor.larder[component.ingredient]);
  const way = $derived(
    [
      layer.made && `of ${layer.made.map((part) => part.name.toLowerCase()).join(", ")}`,
      component.trim,
      component.cut,
      component.treat &&
        [component.treat, component.treat_minutes && `${component.treat_minutes} min`]
          .filter(Boolean)
          .join(" "),
      component.cook?.method,
      layer.with && `with ${layer.with.map((each) => each.name.toLowerCase()).join(", ")}`,
    ]
      .filter(Boolean)
      .join(" · ") || "as it comes",
  );

  $effect(() => {
    void layer.grams.text;
    if (!editor.faults[`${at}/grams`]) typed = undefined;
  });

  function send(): void {
    if (typed?.trim() && typed.trim() !== layer.grams.text) editor.amount(index, typed.trim());
  }

  function method(key: string): void {
    editor.way(index, { cook: key ? { method: key as CookingMethod } : undefined });
  }

  let offers = $state.raw<SwapOffer[]>();

  async function swaps(): Promise<void> {
    offers =
      (await ask(api.POST("/api/trials/swaps", { body: { salad: editor.salad!, component: index } })))
        .data ?? [];
  }

  function swap(place: string): void {
    const offer = offers?.[Number(place)];
    if (!offer) return;
    const components = editor.salad!.components.map((each, other) =>
      other === index ? offer.component : each,
    );
    void editor.tryOut(
      `${offer.text} of ${offer.name.toLowerCase()} for ${layer.name.toLowerCase()}. ${offer.why}`,
      { ...editor.salad!, components },
    );
  }

  function dropped(event: DragEvent): void {
    event.preventDefault();
    const from = event.dataTransfer?.getData(ROW);
    if (from) editor.move(Number(from), index);
  }
</script>

<li
  class="border-base-300 border-t py-2"
  draggable="true"
  ondragstart={(event) => event.dataTransfer?.setData(ROW, String(index))}
  ondragover={(event) => event.preventDefault()}
  ondrop={dropped}
>
  <div class="flex flex-wrap items-center gap-x-3 gap-y-1">
    <span class="flex shrink-0">
      <button
        class="btn btn-ghost h-11 w-9 p-0"
        aria-label="{layer.name}: mix earlier"
        disabled={index === 0}
        onclick={() => editor.move(index, index - 1)}>↑</button
      >
      <button
        class="btn btn-ghost h-11 w-9 p-0"
        aria-label="{layer.name}: mix later"
        disabled={index === count - 1}
        onclick={() => editor.move(index, index + 1)}>↓</button
      >
    </span>
    <Dot colour={layer.colour} />
    <span class="min-w-32 grow basis-0"
      ><b class="text-lg">{layer.name}</b><br /><button
        class="quiet link min-h-6 text-left"
        aria-expanded={open}
        onclick={() => {
          open = !open;
          if (open) void swaps();
        }}>{way}</button
      ><RowOfRecipe row={component.written} /></span
    >
    <input
      class="input h-11 w-28 text-right text-xl font-bold {fault ? 'border-error border-2' : ''}"
      aria-label="{layer.name}, per serving"
      title="120 g, ½ cup, 2 medium or 20 % of the build"
      maxlength="120"
      autocomplete="off"
      value={typed ?? layer.grams.text}
      oninput={(event) => (typed = event.currentTarget.value)}
      onblur={send}
      onkeydown={(event) => event.key === "Enter" && send()}
      onfocus={(event) => event.currentTarget.select()}
    />
    <select
      class="select h-11 w-32 text-lg"
      aria-label="{layer.name}: role"
      value={component.role}
      onchange={(event) =>
        editor.component(index, { role: event.currentTarget.value as Component["role"] })}
      >{#each ROLES as role (role)}<option>{role}</option>{/each}</select
    >
    <button
      class="btn btn-ghost h-11 w-11 p-0 text-xl"
      aria-label="Take out {layer.name}"
      title="Take out"
      disabled={count === 1}
      onclick={() => editor.remove(index)}>×</button
    >
  </div>
  {#if fault}<p class="text-error pl-24 font-semibold" role="alert">{fault}</p>{/if}
  {#if editor.faults[at]}<p class="text-error pl-24 font-semibold" role="alert">
      {editor.faults[at]}
    </p>{/if}
  {#if open && component.made}<MadeOf
      name={layer.name}
      made={component.made}
      rows={layer.made ?? []}
      onchanged={(made) => editor.component(index, { made })}
    />{/if}
  {#if open && component.with}<Along
      name={layer.name}
      rows={layer.with ?? []}
      onremoved={(at) =>
        editor.component(index, { with: component.with!.filter((_, place) => place !== at) })}
    />{/if}
  {#if open && facts && !component.made}
    <div class="mt-2 flex flex-wrap gap-3 pl-20">
      <Choice
        label="Trim"
        value={component.trim ?? ""}
        options={trimsOf(facts)}
        onchosen={(trim) => editor.component(index, { trim })}
      />
      <Choice
        label="Cut"
        value={component.cut ?? ""}
        options={cutsOf(facts)}
        onchosen={(cut) => editor.component(index, { cut })}
      />
      <Choice
        label="Treat"
        value={component.treat ?? ""}
        options={treatsOf(facts)}
        onchosen={(treat) => editor.way(index, { treat: treat || undefined })}
      />
      {#if layer.stands}
        <label class="block"
          ><span class="quiet block">Stands, min</span><input
            class="input h-11 w-24 text-right text-lg"
            type="number"
            min="1"
            max="1440"
            placeholder={String(layer.stands)}
            value={component.treat_minutes ?? ""}
            onchange={(event) =>
              editor.component(index, {
                treat_minutes: event.currentTarget.value
                  ? Number(event.currentTarget.value)
                  : undefined,
              })}
          /></label
        >
      {/if}
      <Choice
        label="Cook"
        value={component.cook?.method ?? ""}
        options={methodsOf(facts, editor.methods)}
        none="raw"
        onchosen={method}
      />
      <label class="block"
        ><span class="quiet block">Swap for</span><select
          class="select h-11 w-44 text-lg"
          aria-label="Swap {layer.name} for"
          onfocus={swaps}
          onpointerdown={swaps}
          onchange={(event) => {
            swap(event.currentTarget.value);
            event.currentTarget.value = "";
          }}
          ><option value="">see what …</option>{#each offers ?? [] as offer, place (place)}<option
              value={String(place)}>{offer.name}, {offer.text}</option
            >{/each}</select
        ></label
      >
      {#if component.pieces !== undefined}
        <label class="block"
          ><span class="quiet block">On each plate</span><input
            class="input h-11 w-24 text-right text-lg"
            type="number"
            min="0.25"
            max="200"
            step="0.25"
            value={component.pieces}
            onchange={(event) =>
              editor.component(index, {
                pieces: event.currentTarget.value ? Number(event.currentTarget.value) : undefined,
              })}
          /></label
        >
      {/if}
      <label class="block"
        ><span class="quiet block">For the top</span><select
          class="select h-11 w-36 text-lg"
          value={String(component.held_back ?? 0)}
          onchange={(event) =>
            editor.component(index, { held_back: Number(event.currentTarget.value) })}
          >{#each HELD as [share, words] (share)}<option value={share}>{words}</option
            >{/each}{#if ![0, 0.5, 1].includes(component.held_back ?? 0)}<option
              value={String(component.held_back)}
              >{Math.round((component.held_back ?? 0) * 100)} % on top</option
            >{/if}</select
        ></label
      >
    </div>
  {/if}
</li>
