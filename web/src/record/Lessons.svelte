<script lang="ts">
  import { api, ask, type Problem, type Schemas } from "../api/client";
  import Fault from "../ui/Fault.svelte";
  import { by } from "../state/who.svelte";

  // What the kitchen's own weighings say of its figures: taken or left, never by itself.
  type Lesson = Schemas["Lesson"];
  let lessons = $state.raw<Lesson[]>([]);
  let left = $state<string[]>([]);
  let problem = $state.raw<Problem>();

  async function load(): Promise<void> {
    const { data } = await ask(api.GET("/api/lessons"));
    lessons = data ?? [];
  }
  void load();
  async function take(lesson: Lesson): Promise<void> {
    for (const { at, value } of lesson.sets) {
      problem = (await ask(api.PUT("/api/house-figures", { body: { at, value, by: by() } }))).problem;
      if (problem) return;
    }
    await load();
  }
  const shown = $derived(lessons.filter((lesson) => !left.includes(lesson.at)));
</script>

{#if problem}<Fault {problem} />{/if}
{#if shown.length > 0}
  <section class="tray" aria-label="What was weighed tells">
    <h2 class="text-xl">What was weighed tells</h2>
    <ul>
      {#each shown as lesson (lesson.at)}
        <li class="border-base-300 border-t py-2">
          <p>
            <b>{lesson.name}</b>: <b class="text-xl">{lesson.own}</b>
            <span class="quiet"
              >planned {lesson.usual} · {lesson.count} weighings, within {lesson.spread}{lesson.drift
                ? `, ${lesson.drift}`
                : ""}</span
            >
          </p>
          <p class="quiet">
            The figure was off by {lesson.before}; with this it would have been by {lesson.after}.
            {lesson.next ?? ""}
            {lesson.hands.length > 0 ? `By hand: ${lesson.hands.join(", ")}.` : ""}
          </p>
          <p class="mt-1 flex gap-2">
            {#if lesson.sets.length > 0}<button
                class="btn btn-primary h-11"
                onclick={() => take(lesson)}>Take it from now on</button
              >{/if}
            <button class="btn btn-ghost h-11" onclick={() => (left = [...left, lesson.at])}
              >Not yet</button
            >
          </p>
        </li>
      {/each}
    </ul>
  </section>
{/if}
