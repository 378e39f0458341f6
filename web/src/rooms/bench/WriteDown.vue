<script setup lang="ts">
import { ref } from 'vue'
import { answered, api, type Schemas } from '@/api/client'
import { useHeld } from '@/kept/useHeld'
import ProblemNote from '@/parts/ProblemNote.vue'
import { smaller } from './smaller'

/** A few words or a picture of what is on the bench, for the book. */
const props = defineProps<{ order: string }>()
const emit = defineEmits<{ say: [said: NonNullable<Schemas['BenchEvent']['said']>] }>()
const LONGEST = 1000
const text = useHeld(`note.${props.order}`, '')
const told = ref('')
const fault = ref<unknown>()

function write() {
  if (!text.value.trim()) return
  emit('say', { kind: 'bench-note', text: text.value.trim() })
  text.value = ''
  told.value = 'It is in the book.'
}

async function take(event: Event) {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0]
  input.value = ''
  if (!file) return
  fault.value = undefined
  told.value = 'Keeping the picture …'
  try {
    const body = await smaller(file)
    const { picture } = await answered(
      api.POST('/api/orders/{id}/bench/pictures', {
        params: { path: { id: props.order } },
        body: body as never,
        headers: { 'Content-Type': body.type },
        bodySerializer: (b) => b as unknown as Blob,
      }),
    )
    emit('say', { kind: 'bench-photo', picture })
    told.value = 'The picture is in the book.'
  } catch (e) {
    told.value = ''
    fault.value = e
  }
}
</script>

<template>
  <details class="border-t border-line pt-2" data-note>
    <summary class="cursor-pointer text-lead text-quiet">a note or a picture for the book</summary>
    <form class="mt-2 flex items-end gap-2" @submit.prevent="write">
      <label class="min-w-0 flex-1 text-note text-quiet"
        >note<textarea v-model="text" rows="2" :maxlength="LONGEST" class="field h-auto w-full text-body text-ink" />
      </label>
      <button type="submit" class="act min-h-11" :disabled="!text.trim()">Add</button>
      <label class="act min-h-11 cursor-pointer content-center"
        >A picture<input type="file" accept="image/jpeg,image/png" capture="environment" class="sr-only" @change="take"
      /></label>
    </form>
    <p v-if="told" role="status" class="mt-1 text-quiet">{{ told }}</p>
    <ProblemNote v-if="fault" :error="fault" class="mt-2" />
  </details>
</template>
