<script setup lang="ts">
import { computed, ref } from 'vue'
import { answered, api } from '@/api/client'
import SchemaFields from '@/parts/fields/SchemaFields.vue'
import NumberField from '@/parts/fields/NumberField.vue'
import ProblemNote from '@/parts/ProblemNote.vue'
import StripNest from '@/parts/StripNest.vue'
import PasteBehaviour from './PasteBehaviour.vue'
import { type Item, kindOf } from './things'

/** One thing with its fields; what is changed is kept at once. */
const props = defineProps<{ item: Item }>()
const emit = defineEmits<{ change: [item: Item]; remove: [] }>()
const sure = ref(false)
const ballMm = ref(20)
const failure = ref<unknown>()
const kind = computed(() => kindOf(props.item.kind))

function change(path: string, value: unknown) {
  const steps = path.split('/').slice(1)
  const copy = JSON.parse(JSON.stringify(props.item)) as Record<string, unknown>
  let into = copy
  for (const step of steps.slice(0, -1)) into = into[step] as Record<string, unknown>
  into[steps.at(-1)!] = value
  emit('change', copy as Item)
}

/** A ball of this paste, measured across and weighed, says how dense it is. */
async function weighed(ballG: number) {
  failure.value = undefined
  try {
    const found = await answered(api.POST('/api/scale/density', { body: { ballMm: ballMm.value, ballG } }))
    change('/paste/densityGPerCm3', Number(found.densityGPerCm3.toFixed(3)))
  } catch (e) {
    failure.value = e
  }
}
</script>

<template>
  <aside class="min-w-0 border-l border-line px-4 py-3" :aria-label="item.name">
    <h2 class="text-head">{{ item.name }}</h2>
    <SchemaFields class="mt-2" :node="kind.node" :value="(item as unknown as Record<string, unknown>)" path="" @change="change" />
    <PasteBehaviour v-if="item.kind === 'own-paste'" :item="item" class="mt-4" />
    <section v-if="item.kind === 'own-paste'" class="mt-4 border-t border-line pt-2">
      <h3 class="heading-small">its density from one ball</h3>
      <p class="text-note text-quiet">Roll a ball, measure it across, weigh it.</p>
      <div class="mt-1 grid grid-cols-2 gap-2">
        <NumberField label="ball, across" unit="mm" :digits="1" :min="1" :max="120" :step="0.5" :value="ballMm" @change="ballMm = $event" />
        <NumberField label="its weight" unit="g" :digits="2" :min="0" :max="5000" :step="0.1" :value="0" @change="weighed" />
      </div>
      <ProblemNote v-if="failure" :error="failure" class="mt-2" />
    </section>
    <section v-if="item.kind === 'cutter'" class="mt-4 border-t border-line pt-2">
      <h3 class="heading-small">on the strip</h3>
      <StripNest :cut="item.cut" />
    </section>
    <p class="mt-6 border-t border-line pt-2">
      <button v-if="!sure" type="button" class="act-quiet !px-0" @click="sure = true">Take it out of the drawer</button>
      <template v-else>Gone for good? <button type="button" class="act" @click="emit('remove')">Yes, take it out</button> <button type="button" class="act-quiet" @click="sure = false">Keep it</button></template>
    </p>
  </aside>
</template>
