<script setup lang="ts">
import { Combobox, ComboboxInput, ComboboxOption, ComboboxOptions, Dialog, DialogPanel } from '@headlessui/vue'
import { computed, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { answered, api } from '@/api/client'
import { CORNERS, ROOMS } from './places'
import { foundPlaces } from './finding'
import { useActions } from './useActions'

const props = defineProps<{ open: boolean }>()
const emit = defineEmits<{ close: [] }>()
const router = useRouter()
const actions = useActions()

/** So many places are shown. */
const SHOWN = 12

interface Place {
  label: string
  kind: string
  /** What it measures, in words. */
  size?: string
  /** Its sizes, mm: found by a number that comes near one of them. */
  sizes?: number[]
  go: () => void
}

const query = ref('')
const places = ref<Place[]>([])

watch(
  () => props.open,
  async (open) => {
    if (!open) return
    query.value = ''
    const own = actions.gather().map((a) => ({ label: a.label, kind: a.kind, go: a.run }))
    places.value = [...own, ...rooms()]
    const [species, orders, drawer] = await Promise.all([
      answered(api.GET('/api/species')).catch(() => []),
      answered(api.GET('/api/orders')).catch(() => []),
      answered(api.GET('/api/drawer')).catch(() => []),
    ])
    places.value = [
      ...own,
      ...species.map((s) => ({ label: s.name, kind: 'species', go: () => router.push(`/plate/${s.id}`) })),
      ...orders.map((o) => ({ label: o.order.name, kind: 'order', go: () => router.push(`/orders/${o.id}`) })),
      ...drawer.map((k) => ({
        label: k.item.name,
        kind: 'tool',
        size: k.told.inShort,
        sizes: k.told.sizesMm,
        go: () => router.push(`/drawer?thing=${k.id}`),
      })),
      ...rooms(),
    ]
  },
)

function rooms(): Place[] {
  return [...ROOMS.map((r) => ({ ...r, kind: 'room' })), ...CORNERS].map((p) => ({ ...p, go: () => router.push(p.to) }))
}

const found = computed(() => foundPlaces(places.value, query.value).slice(0, SHOWN))

let chosen: Place | undefined

/** The dialog gives the focus back to where it was as it goes; whatever was chosen comes after that. */
function gone() {
  const place = chosen
  chosen = undefined
  if (place) requestAnimationFrame(() => setTimeout(place.go))
}

function choose(place: Place | null) {
  if (!place) return
  chosen = place
  emit('close')
}
</script>

<template>
  <Dialog :open="open" class="fixed inset-0 z-40 bg-ink/30" aria-label="Find" @close="emit('close')">
    <DialogPanel class="mx-auto mt-24 w-[30rem] max-w-[92vw] border border-ink bg-sheet p-3" @vue:unmounted="gone">
      <Combobox :model-value="null" @update:model-value="choose">
        <ComboboxInput
          class="field min-h-10 text-lead"
          placeholder="a species, a part, a tool, an order, something to do"
          aria-label="Find a species, a part, a tool, an order, something to do"
          @change="query = $event.target.value"
        />
        <ComboboxOptions static class="mt-2 max-h-96 overflow-auto">
          <ComboboxOption
            v-for="(place, i) in found"
            :key="i"
            :value="place"
            class="flex min-h-9 items-center justify-between px-2 ui-active:bg-accent ui-active:text-sheet"
          >
            <span class="min-w-0 truncate"
              >{{ place.label }}<span v-if="place.size" class="text-note"> · {{ $told(place.size) }}</span></span
            ><span class="text-note italic">{{ place.kind }}</span>
          </ComboboxOption>
          <li v-if="found.length === 0" class="px-2 py-2 text-quiet">Nothing of that name.</li>
        </ComboboxOptions>
      </Combobox>
    </DialogPanel>
  </Dialog>
</template>
