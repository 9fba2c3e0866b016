<script lang="ts">
  // One of a few words, or none of them.
  let {
    label,
    value,
    options,
    none = "none",
    onchosen,
  }: {
    label: string;
    value: string;
    options: readonly string[];
    none?: string;
    onchosen: (value: string) => void;
  } = $props();
</script>

{#if options.length > 0}
  <label class="block"
    ><span class="quiet block">{label}</span><select
      class="select h-11 w-36 text-lg"
      {value}
      onchange={(event) => onchosen(event.currentTarget.value)}
      ><option value="">{none}</option>{#each options as option (option)}<option value={option}
          >{option}</option
        >{/each}</select
    ></label
  >
{/if}
