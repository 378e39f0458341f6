<script setup lang="ts">
import { Dialog, DialogPanel, DialogTitle } from '@headlessui/vue'
import { computed } from 'vue'
import type { SpeciesDocument } from '@/api/client'

const props = defineProps<{ mine: SpeciesDocument; theirs: SpeciesDocument }>()
const emit = defineEmits<{ settle: [keep: 'mine' | 'theirs'] }>()

/** What differs between the two, part by part. */
const differences = computed(() => {
  const names = new Set([...props.mine.parts, ...props.theirs.parts].map((p) => p.id))
  const of = (document: SpeciesDocument, id: string) => document.parts.find((p) => p.id === id)
  const list = [...names].filter((id) => JSON.stringify(of(props.mine, id)) !== JSON.stringify(of(props.theirs, id)))
  const told = list.map((id) => {
    const mine = of(props.mine, id)
    const theirs = of(props.theirs, id)
    const name = (mine ?? theirs)!.name
    return !mine ? `${name}: only in the other window` : !theirs ? `${name}: only in this window` : `${name}: not the same`
  })
  if (JSON.stringify(props.mine.shades) !== JSON.stringify(props.theirs.shades)) told.push('the shades are not the same')
  return told.length > 0 ? told : ['name, note, width or techniques are not the same']
})
</script>

<template>
  <Dialog open class="fixed inset-0 z-40 bg-ink/30" @close="() => undefined">
    <DialogPanel class="mx-auto mt-28 w-[30rem] max-w-[92vw] border border-ink bg-sheet p-5">
      <DialogTitle class="text-head">Changed in another window</DialogTitle>
      <p class="mt-2">This species was kept from another window while you worked on it here. Nothing is lost: both are still there.</p>
      <ul class="mt-2 list-disc pl-5">
        <li v-for="difference in differences" :key="difference">{{ difference }}</li>
      </ul>
      <p class="mt-4 flex gap-2">
        <button type="button" class="act" @click="emit('settle', 'mine')">Keep mine</button>
        <button type="button" class="act" @click="emit('settle', 'theirs')">Take theirs</button>
      </p>
      <p class="mt-2 text-note text-quiet">Whichever you choose, undo brings the other back.</p>
    </DialogPanel>
  </Dialog>
</template>
