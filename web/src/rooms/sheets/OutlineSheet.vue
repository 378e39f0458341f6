<script setup lang="ts">
/** The outlines of an order as they print; the picture is scaled to the screen, the print is not. */
defineProps<{ id: string; paper: string }>()
</script>

<template>
  <h1 class="text-title">Outlines at true size</h1>
  <p class="text-quiet">
    Print the PDF at 100 %, then measure the ruler at its foot. Cut the outlines out of card or an acetate sheet, and cut round them.
  </p>
  <img
    class="mt-3 w-full border border-line bg-white"
    :src="`/api/orders/${id}/outlines.svg?paper=${paper}`"
    alt="The outlines, several to the page"
  />
</template>
