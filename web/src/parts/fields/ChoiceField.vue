<script setup lang="ts">
import { useId } from 'vue'
import PicturedChoice from './PicturedChoice.vue'

defineProps<{ label: string; value: string; choices: { value: string; label: string }[]; hint?: string; pictured?: string }>()
const emit = defineEmits<{ change: [value: string] }>()
const id = useId()
</script>

<template>
  <div class="min-w-0">
    <template v-if="pictured">
      <span class="block truncate text-note text-quiet" :title="hint">{{ label }}</span>
      <PicturedChoice
        class="field h-[30px] w-full"
        :label="label"
        :value="value"
        :choices="choices"
        :pictured="pictured"
        @change="emit('change', $event)"
      />
    </template>
    <template v-else>
      <label :for="id" class="block truncate text-note text-quiet" :title="hint">{{ label }}</label>
      <select :id="id" class="field h-[30px]" :value="value" @change="emit('change', ($event.target as HTMLSelectElement).value)">
        <option v-for="choice in choices" :key="choice.value" :value="choice.value">{{ choice.label }}</option>
      </select>
    </template>
  </div>
</template>
