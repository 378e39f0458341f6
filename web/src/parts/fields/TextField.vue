<script setup lang="ts">
import { useId } from 'vue'

defineProps<{ label: string; value: string; longest?: number; hint?: string; type?: string }>()
const emit = defineEmits<{ change: [value: string] }>()
const id = useId()
</script>

<template>
  <div class="min-w-0">
    <label :for="id" class="block truncate text-note text-quiet" :title="hint">{{ label }}</label>
    <input
      :id="id"
      class="field h-[30px]"
      autocomplete="off"
      :type="type ?? 'text'"
      :value="value"
      :maxlength="longest"
      @change="emit('change', ($event.target as HTMLInputElement).value)"
    />
  </div>
</template>
