<script lang="ts">
  import { setInitials, who } from "../state/who.svelte";
</script>

<label class="quiet flex items-center gap-2"
  >Your initials, noted beside what you set <input
    class="input h-11 w-20 text-lg"
    maxlength="12"
    value={who.initials}
    onchange={(event) => setInitials(event.currentTarget.value)}
  /></label
>
