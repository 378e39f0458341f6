<script setup lang="ts">
import { Dialog, DialogPanel, DialogTitle } from '@headlessui/vue'
import { ref } from 'vue'
import { answered, api, type Schemas } from '@/api/client'
import { useJob } from '@/kept/useJob'
import JobNote from '@/parts/JobNote.vue'
import ProblemNote from '@/parts/ProblemNote.vue'

/** Takes a table in. Nothing changes while a row has a fault, unless the good rows are asked for; the others are given back. */
const emit = defineEmits<{ close: []; taken: [] }>()
const SHOWN = 40
const csv = ref('')
const fileName = ref('')
const inPlaceOfAll = ref(false)
let goodRows = false
const {
  job,
  result: outcome,
  fault: failure,
  busy,
  run,
  stop,
} = useJob<Schemas['TakenIn']>(() =>
  answered(
    api.POST('/api/drawer/csv', {
      params: { query: { inPlaceOfAll: inPlaceOfAll.value, goodRows } },
      body: csv.value,
      bodySerializer: (text: string) => text,
      headers: { 'content-type': 'text/csv' },
    }),
  ),
)

async function chosen(event: Event) {
  const file = (event.target as HTMLInputElement).files?.[0]
  if (!file) return
  fileName.value = file.name
  csv.value = await file.text()
  await send(false)
}

async function send(good: boolean) {
  goodRows = good
  outcome.value = undefined
  await run()
  const came = outcome.value as Schemas['TakenIn'] | undefined
  if (came && came.takenIn > 0) emit('taken')
}

const faultyHref = () => `data:text/csv;charset=utf-8,${encodeURIComponent(outcome.value?.faulty ?? '')}`
</script>

<template>
  <Dialog :open="true" class="fixed inset-0 z-40 bg-ink/30" @close="emit('close')">
    <DialogPanel class="mx-auto mt-16 max-h-[80vh] w-[46rem] max-w-[94vw] overflow-auto border border-ink bg-sheet p-5">
      <DialogTitle class="text-head">Import a table</DialogTitle>
      <p class="mt-1 text-quiet">
        CSV with a heading row, one thing a row; the first column, <em>kind</em>, says what it is. Export the drawer once to see every
        heading.
      </p>
      <label class="mt-3 flex items-center gap-2"
        ><input v-model="inPlaceOfAll" type="checkbox" class="size-4" />in place of all that is in the drawer now</label
      >
      <label class="mt-2 block">The table<input type="file" accept=".csv,text/csv" class="mt-1 block" @change="chosen" /></label>
      <JobNote v-if="job" :job="job" class="mt-3" @stop="stop" />
      <p v-else-if="busy" class="mt-3" role="status">Reading {{ fileName }} …</p>
      <ProblemNote v-if="failure" :error="failure" class="mt-3" />
      <template v-if="outcome">
        <p v-if="outcome.takenIn > 0" role="status" class="mt-3 font-medium">
          ● {{ outcome.takenIn.toLocaleString('en') }} things are in the drawer.
        </p>
        <template v-if="outcome.faults.length">
          <p role="alert" class="mt-3 font-medium">
            ■ {{ outcome.faults.length }} {{ outcome.faults.length === 1 ? 'place needs' : 'places need' }} fixing<template
              v-if="outcome.takenIn === 0"
              >; nothing was imported yet</template
            >.
          </p>
          <table class="mt-2 w-full text-left">
            <thead>
              <tr class="text-note text-quiet">
                <th class="font-normal">line</th>
                <th class="font-normal">column</th>
                <th class="font-normal">came</th>
                <th class="font-normal">expected</th>
              </tr>
            </thead>
            <tbody>
              <tr v-for="(fault, i) in outcome.faults.slice(0, SHOWN)" :key="i" class="border-t border-line align-top">
                <td class="pr-3">{{ fault.line }}</td>
                <td class="pr-3 font-medium break-all">{{ fault.column || 'the row' }}</td>
                <td class="pr-3 break-all">{{ $told(fault.came) }}</td>
                <td>{{ $told(fault.expected) }}</td>
              </tr>
            </tbody>
          </table>
          <p v-if="outcome.faults.length > SHOWN" class="mt-1 text-quiet">and {{ outcome.faults.length - SHOWN }} more</p>
          <p class="mt-3 flex gap-2">
            <button v-if="outcome.takenIn === 0 && outcome.good > 0" type="button" class="act" @click="send(true)">
              Import the {{ outcome.good.toLocaleString('en') }} good rows
            </button>
            <a class="act" :href="faultyHref()" download="to-fix.csv">The other rows, to fix</a>
          </p>
        </template>
      </template>
      <p class="mt-4 text-right"><button type="button" class="act" @click="emit('close')">Close</button></p>
    </DialogPanel>
  </Dialog>
</template>
