<script setup lang="ts">
import { useId } from 'vue'

defineProps<{ label: string; value: string; choices: { value: string; label: string }[]; hint?: string }>()
const emit = defineEmits<{ change: [value: string] }>()
const id = useId()
</script>

<template>
  <div class="min-w-0">
    <label :for="id" class="block truncate text-note text-quiet" :title="hint">{{ label }}</label>
    <select :id="id" class="field h-[30px]" :value="value" @change="emit('change', ($event.target as HTMLSelectElement).value)">
      <option v-for="choice in choices" :key="choice.value" :value="choice.value">{{ choice.label }}</option>
    </select>
  </div>
</template>
