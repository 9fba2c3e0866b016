<script lang="ts">
  import { api, ask, type Problem } from "../../api/client";
  import { Slow } from "../../state/slow.svelte";
  import Fault from "../../ui/Fault.svelte";
  import HowFar from "../../ui/HowFar.svelte";

  // The service on paper and in files: the packet, every list as CSV, the calendar, its own JSON, and labels.
  let { id }: { id: number } = $props();
  let lists = $state.raw<{ key: string; title: string }[]>();
  let labels = $state.raw<{ name: string; ready: string; discard: string }[]>();
  let problem = $state.raw<Problem>();
  const setting = new Slow();
  const DOUBLE = 2;
  // The day by what is made, for the wall.
  const WALL = [
    ["a3", "Wall sheet, one A3"],
    ["a4", "Wall sheets, two A4"],
  ] as const;

  // Set first, with word of how far it is, and then fetched as it lies ready.
  async function packet(paper: "a4" | "letter"): Promise<void> {
    const path = `/api/services/${id}/packet.pdf?paper=${paper}`;
    const answer = await setting.run<"ready">(path);
    problem = Slow.fault(answer);
    if (answer.data) Object.assign(document.createElement("a"), { href: path, download: "" }).click();
  }

  async function open(event: Event): Promise<void> {
    if (!(event.currentTarget as HTMLDetailsElement).open || lists) return;
    const path = { params: { path: { id } } };
    const [found, held] = await Promise.all([
      ask(api.GET("/api/services/{id}/lists", path)),
      ask(api.GET("/api/services/{id}/labels", path)),
    ]);
    lists = found.data;
    labels = held.data;
  }

  // The label's own drawing as a PNG, at twice its size for the printer.
  async function png(number: number, name: string): Promise<void> {
    const picture = new Image();
    picture.src = `/api/services/${id}/labels/${number}.svg`;
    await picture.decode();
    const canvas = Object.assign(document.createElement("canvas"), {
      width: picture.naturalWidth * DOUBLE,
      height: picture.naturalHeight * DOUBLE,
    });
    canvas.getContext("2d")!.drawImage(picture, 0, 0, canvas.width, canvas.height);
    const link = Object.assign(document.createElement("a"), {
      href: canvas.toDataURL("image/png"),
      download: `label-${name.toLowerCase().replace(/[^a-z0-9]+/g, "-")}.png`,
    });
    link.click();
  }
</script>

<section class="tray no-print" aria-label="On paper and in files">
  <h2 class="text-xl">On paper and in files</h2>
  <div class="mt-2 flex flex-wrap gap-2">
    <button class="btn btn-primary h-11" disabled={setting.underWay} onclick={() => packet("a4")}
      >Packet, A4</button
    >
    <button class="btn btn-outline h-11" disabled={setting.underWay} onclick={() => packet("letter")}
      >Packet, US Letter</button
    >
    {#each WALL as [paper, name] (paper)}<a
        class="btn btn-outline h-11"
        href="/api/services/{id}/day.pdf?paper={paper}"
        download>{name}</a
      >{/each}
    <a class="btn btn-outline h-11" href="/api/services/{id}/day.ics" download>Calendar with alarms</a>
    <a class="btn btn-outline h-11" href="/api/services/{id}/brief" download="service-{id}.json"
      >Whole service, JSON</a
    >
  </div>
  {#if setting.underWay}
    <HowFar what="Setting the packet" far={setting.far} onstop={() => setting.stop()} />
  {/if}
  {#if problem}<Fault {problem} />{/if}
  <details class="mt-2" ontoggle={open}>
    <summary class="cursor-pointer py-2 font-bold">Each list as CSV, and hold labels</summary>
    <div class="grid gap-x-8 gap-y-2 @3xl:grid-cols-2">
      <ul>
        {#each lists ?? [] as list (list.key)}<li>
            <a
              class="link inline-flex min-h-11 items-center"
              href="/api/services/{id}/lists/{list.key}.csv"
              download>{list.title}</a
            >
          </li>{/each}
      </ul>
      <ul>
        {#each labels ?? [] as label, index (index)}
          <li class="border-base-300 flex items-center gap-2 border-t py-1">
            <span class="grow"
              ><b>{label.name}</b> <span class="quiet">discard {label.discard}</span></span
            ><a
              class="btn btn-ghost h-11"
              href="/api/services/{id}/labels/{index}.svg"
              download="label-{index}.svg"
              aria-label="{label.name}: label as SVG">SVG</a
            ><button
              class="btn btn-ghost h-11"
              aria-label="{label.name}: label as PNG"
              onclick={() => png(index, label.name)}>PNG</button
            >
          </li>
        {/each}
      </ul>
    </div>
  </details>
</section>
