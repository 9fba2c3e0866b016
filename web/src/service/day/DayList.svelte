<script lang="ts">
  import CookSheets from "./CookSheets.svelte";
  import type { DayOf } from "./day.svelte";
  import { sheetsOf } from "./lanes";

  // The day on a phone.
  let { day }: { day: DayOf } = $props();
  const sheets = $derived(
    sheetsOf(day.roster!).map(({ name, lines }) => ({
      name,
      lines: lines.map(({ task, segment }) => ({
        day,
        task,
        from: segment.from,
        text: segment.text,
        doing: segment.name,
      })),
    })),
  );
</script>

<CookSheets {sheets} />
