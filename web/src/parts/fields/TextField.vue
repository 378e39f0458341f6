<script setup lang="ts">
import { ref, useId, watch } from 'vue'
import { useLeaving } from '@/kept/useLeaving'

const props = defineProps<{ label: string; value: string; longest?: number; hint?: string; type?: string }>()
const emit = defineEmits<{ change: [value: string] }>()
const id = useId()
const typed = ref(props.value)
watch(
  () => props.value,
  (now) => (typed.value = now),
)

function commit() {
  if (typed.value !== props.value) emit('change', typed.value)
}
useLeaving(commit)
</script>

<template>
  <div class="min-w-0">
    <label :for="id" class="block truncate text-note text-quiet" :title="hint">{{ label }}</label>
    <input
      :id="id"
      v-model="typed"
      class="field h-[30px]"
      autocomplete="off"
      :type="type ?? 'text'"
      :maxlength="longest"
      @change="commit"
    />
  </div>
</template>
