<script setup lang="ts">
import { useId } from 'vue'

defineProps<{ label: string; value: string; hint?: string }>()
const emit = defineEmits<{ change: [value: string] }>()
const id = useId()
</script>

<template>
  <div class="min-w-0">
    <label :for="id" class="block truncate text-note text-quiet" :title="hint">{{ label }}</label>
    <input
      :id="id"
      type="color"
      class="h-[30px] w-full border border-line bg-sheet"
      :value="value"
      @change="emit('change', ($event.target as HTMLInputElement).value)"
    />
  </div>
</template>
