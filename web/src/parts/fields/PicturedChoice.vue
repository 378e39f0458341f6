<script setup lang="ts">
import { Listbox, ListboxButton, ListboxOption, ListboxOptions } from '@headlessui/vue'
import { computed } from 'vue'

/** A choice among things that have a shape, each shown by the picture that the program draws of it. */
const props = defineProps<{ label: string; value: string; choices: { value: string; label: string }[]; pictured: string }>()
const emit = defineEmits<{ change: [value: string] }>()
const chosen = computed(() => props.choices.find((c) => c.value === props.value))
const picture = (value: string) => `/api/pictures/${props.pictured}/${value}.svg`
</script>

<template>
  <Listbox :model-value="value" @update:model-value="emit('change', $event)">
    <div class="relative min-w-0">
      <ListboxButton class="flex size-full min-w-0 items-center gap-1.5 text-left" :aria-label="`${label}: ${chosen?.label ?? ''}`" :data-choice="label">
        <img v-if="value" :src="picture(value)" alt="" class="size-6 shrink-0" />
        <span class="truncate">{{ chosen?.label }}</span>
      </ListboxButton>
      <ListboxOptions class="absolute top-full left-0 z-30 grid max-h-96 w-72 grid-cols-3 gap-1 overflow-y-auto border border-line bg-sheet p-1.5 shadow-lg focus:outline-none">
        <ListboxOption v-for="choice in choices" :key="choice.value" v-slot="{ active, selected }" :value="choice.value" as="template">
          <li class="flex cursor-pointer flex-col items-center gap-0.5 border p-1 text-center text-note leading-tight" :class="[active ? 'border-accent' : 'border-transparent', { 'bg-ground': selected }]">
            <img v-if="choice.value" :src="picture(choice.value)" alt="" loading="lazy" class="size-14" />
            {{ choice.label }}
          </li>
        </ListboxOption>
      </ListboxOptions>
    </div>
  </Listbox>
</template>
