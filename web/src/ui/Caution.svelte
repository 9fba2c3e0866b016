<script lang="ts">
  import Mark from "./Mark.svelte";
  let { text }: { text: string } = $props();
</script>

<p class="flex items-start gap-2"><span class="mt-1"><Mark kind="look" /></span><span>{text}</span></p>
