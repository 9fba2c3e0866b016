<script lang="ts">
  // An address that leads to no page.
</script>

<section class="tray mt-4 max-w-xl">
  <h1 class="text-2xl">There is no such page</h1>
  <p class="my-2">The address may be mistyped, or what was there has been deleted.</p>
  <a class="btn btn-primary h-11" href="/services">Services</a>
</section>
