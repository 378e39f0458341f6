<script setup lang="ts">
import { Listbox, ListboxButton, ListboxOption, ListboxOptions } from '@headlessui/vue'
import { computed, ref } from 'vue'

/** A choice among things that have a shape, each shown by the picture that the program draws of it. */
const props = defineProps<{ label: string; value: string; choices: { value: string; label: string }[]; pictured: string }>()
const emit = defineEmits<{ change: [value: string] }>()
const chosen = computed(() => props.choices.find((c) => c.value === props.value))

/** The list lies over everything, wholly in the window: below its button where there is more room, else above. */
const box = ref<HTMLElement>()
const WIDTH = 288
const GAP = 8
function place() {
  const at = box.value?.getBoundingClientRect()
  if (!at) return {}
  const below = window.innerHeight - at.bottom
  const left = `${Math.max(GAP, Math.min(at.left, window.innerWidth - WIDTH - GAP))}px`
  return below >= at.top
    ? { left, top: `${at.bottom}px`, width: `${WIDTH}px`, maxHeight: `${below - GAP}px` }
    : { left, bottom: `${window.innerHeight - at.top}px`, width: `${WIDTH}px`, maxHeight: `${at.top - GAP}px` }
}
const picture = (value: string) => `/api/pictures/${props.pictured}/${value}.svg`
</script>

<template>
  <Listbox v-slot="{ open }" :model-value="value" @update:model-value="emit('change', $event)">
    <div ref="box" class="min-w-0">
      <ListboxButton
        class="flex size-full min-w-0 items-center gap-1.5 text-left"
        :aria-label="`${label}: ${chosen?.label ?? ''}`"
        :data-choice="label"
      >
        <img v-if="value" :src="picture(value)" alt="" class="size-6 shrink-0" />
        <span class="truncate">{{ chosen?.label }}</span>
      </ListboxButton>
      <ListboxOptions
        :style="open ? place() : {}"
        class="fixed z-30 grid grid-cols-3 gap-1 overflow-y-auto border border-line bg-sheet p-1.5 shadow-lg focus:outline-none"
      >
        <ListboxOption v-for="choice in choices" :key="choice.value" v-slot="{ active, selected }" :value="choice.value" as="template">
          <li
            class="flex cursor-pointer flex-col items-center gap-0.5 border p-1 text-center text-note leading-tight"
            :class="[active ? 'border-accent' : 'border-transparent', { 'bg-ground': selected }]"
          >
            <img v-if="choice.value" :src="picture(choice.value)" alt="" loading="lazy" class="size-14" />
            {{ choice.label }}
          </li>
        </ListboxOption>
      </ListboxOptions>
    </div>
  </Listbox>
</template>
