<script setup lang="ts">
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { ref, useTemplateRef } from 'vue'
import { answered, api, type Schemas } from '@/api/client'
import ProblemNote from '@/parts/ProblemNote.vue'
import { readable } from '../order/dates'

/** The copies of the studio: one is made each day by itself; made by hand, put back; and the archive, which is kept elsewhere. */
const client = useQueryClient()
const copies = useQuery({ queryKey: ['copies'], queryFn: () => answered(api.GET('/api/studio/copies')) })
const fault = ref<unknown>()
const told = ref('')
const busy = ref(false)
const asked = ref<string>()

const SORTS: Record<string, string> = {
  daily: 'of the day',
  'before-lift': 'before a newer version opened it',
  'before-restore': 'before another was put back',
  'by-hand': 'made by hand',
  'brought-in': 'brought in from elsewhere',
}
const size = (bytes: number) => (bytes < 1e6 ? `${Math.ceil(bytes / 1000)} kB` : `${(bytes / 1e6).toFixed(1)} MB`)

async function during(work: () => Promise<string>) {
  busy.value = true
  told.value = ''
  try {
    told.value = await work()
    fault.value = undefined
  } catch (e) {
    fault.value = e
  } finally {
    busy.value = false
    asked.value = undefined
    await copies.refetch()
  }
}
const make = () => during(async () => `A copy was made: ${size((await answered(api.POST('/api/studio/copies'))).bytes)}.`)
const restore = (copy: Schemas['Copy']) =>
  during(async () => {
    await answered(api.POST('/api/studio/copies/{name}/restored', { params: { path: { name: copy.name } } }))
    await client.invalidateQueries()
    return `The studio is as it was on ${readable(copy.at)}. What was there before is a copy, too. Load the pages anew that stand open elsewhere.`
  })
const takeIn = (file: File) =>
  during(async () => {
    const came = await answered(
      api.POST('/api/studio/archive.zip', {
        body: file as unknown as string,
        bodySerializer: (b: unknown) => b as Blob,
        headers: { 'Content-Type': 'application/zip' },
      }),
    )
    await client.invalidateQueries()
    return `${file.name} was imported: ${came.species} species, ${came.orders} orders, ${came.things} things of the drawer.`
  })
const archive = useTemplateRef<HTMLInputElement>('archive')
function pickedArchive() {
  const file = archive.value?.files?.[0]
  if (file) void takeIn(file)
  if (archive.value) archive.value.value = ''
}
</script>

<template>
  <div class="mx-auto max-w-4xl px-6 py-4">
    <div class="flex flex-wrap items-baseline gap-3 border-b border-line pb-2">
      <h1 class="flex-1 text-title">Copies of the studio</h1>
      <button type="button" class="act" :disabled="busy" @click="make">Make a copy now</button>
    </div>
    <p class="mt-2 max-w-prose text-quiet">
      A copy holds everything: species, orders, days, drawer, book. One is made each day; fourteen of those are kept beside your data, and
      every one that you make. Only this studio puts its copies back: what you keep elsewhere is the archive below.
    </p>
    <ProblemNote v-if="copies.error.value ?? fault" :error="(copies.error.value ?? fault) as Error" class="mt-2" />
    <p v-if="told" role="status" class="mt-2">{{ told }}</p>
    <p v-if="copies.data.value && !copies.data.value.length" class="mt-4 text-quiet">There is none yet.</p>
    <table v-else-if="copies.data.value" class="mt-3 w-full" aria-label="Copies">
      <tbody>
        <tr v-for="copy in copies.data.value" :key="copy.name" class="border-t border-line" data-copy>
          <td class="py-1">{{ readable(copy.at) }}</td>
          <td class="text-quiet">{{ SORTS[copy.sort] ?? copy.sort }}</td>
          <td class="text-right text-quiet">{{ size(copy.bytes) }}</td>
          <td class="text-right">
            <span v-if="asked === copy.name">
              All of the studio becomes as it was then.
              <button type="button" class="act" :disabled="busy" @click="restore(copy)">Put it back</button>
              <button type="button" class="act-quiet" @click="asked = undefined">Leave it</button>
            </span>
            <template v-else>
              <button
                type="button"
                class="act-quiet"
                :disabled="busy"
                :aria-label="`Put back the copy of ${readable(copy.at)}`"
                @click="asked = copy.name"
              >
                Put back …
              </button>
            </template>
          </td>
        </tr>
      </tbody>
    </table>
    <h2 class="mt-8 border-b border-line pb-1 text-head">In open formats</h2>
    <p class="mt-2 max-w-prose text-quiet">
      Everything that the studio keeps as one archive of JSON and pictures, which other programs can read: species, drawer, orders, days,
      what was touched at the bench, what was learnt. One is made each day in the folder <em>archives</em> beside your data. Keep one
      elsewhere now and then, on a stick or in another house: a new, empty studio takes it in again, on this machine or another.
    </p>
    <p class="mt-2 flex gap-3">
      <a class="act" href="/api/studio/archive.zip" download>Export everything</a>
      <button type="button" class="act-quiet" :disabled="busy" @click="archive?.click()">Import an archive …</button>
      <input ref="archive" type="file" accept=".zip" class="hidden" aria-label="An archive to import" @change="pickedArchive" />
    </p>
  </div>
</template>
