<script setup lang="ts">
import { computed, provide } from 'vue'
import { RouterLink } from 'vue-router'
import type { Failure, Part, Reckoning, Schemas, SpeciesDocument } from '@/api/client'
import { useLengths } from '@/measure/useLengths'
import FigureTable from '@/parts/FigureTable.vue'
import ProblemNote from '@/parts/ProblemNote.vue'
import CautionList from './CautionList.vue'
import DrawerTools from './DrawerTools.vue'
import FindingList from './FindingList.vue'
import GaugeTable from './GaugeTable.vue'
import KeyFigures from './KeyFigures.vue'
import { IDLE_FIELDS } from '@/parts/fields/idle'
import SchemaFields from '@/parts/fields/SchemaFields.vue'
import { partSchema, resolved, speciesSchema } from '@/parts/fields/schema'
import PartWhy from './PartWhy.vue'
import ShadeList from './ShadeList.vue'
import TryAtBench from './TryAtBench.vue'

/** The reckoning of what is selected, or of the whole flower, below the design it rests on. */
const props = defineProps<{
  species: SpeciesDocument
  speciesId: string
  part?: Part
  reckoning: Reckoning
  reason: (key: string, partId?: string) => Promise<Schemas['Why']>
  fault?: Failure
}>()
const emit = defineEmits<{ change: [path: string, value: unknown]; fix: [fix: Schemas['FixView']]; select: [id: string] }>()

const lengths = useLengths()
const own = computed(() => props.reckoning.parts.find((p) => p.id === props.part?.id))
const figures = computed(() => own.value?.figures ?? props.reckoning.figures)
const findings = computed(() => props.reckoning.findings.filter((f) => !props.part || f.partId === props.part.id || f.partId === undefined))
provide(
  IDLE_FIELDS,
  computed(() => own.value?.idle ?? []),
)
const path = computed(() => `/parts/${props.species.parts.findIndex((p) => p.id === props.part?.id)}`)
/** Its colour has a bench of its own. */
const HIDDEN_OF_PART = ['id', 'colour']
const HIDDEN_OF_SPECIES = ['format', 'version', 'shades', 'parts', 'notes']
</script>

<template>
  <section aria-label="Figures" class="min-h-0 overflow-y-auto border-l border-line px-3 pb-4">
    <ProblemNote v-if="fault" :error="fault" class="mt-2" />
    <FindingList :findings="findings" :parts="species.parts" @fix="emit('fix', $event)" @select="emit('select', $event)" />
    <h2 class="mt-3 text-head">{{ part?.name ?? 'The whole flower' }}</h2>
    <KeyFigures v-if="part" :figures="figures" />
    <details open class="mt-1" data-design>
      <summary class="heading-small cursor-pointer">as designed</summary>
      <SchemaFields
        v-if="part"
        :key="part.id"
        class="mt-1"
        :node="partSchema(part.kind)"
        :value="part as unknown as Record<string, unknown>"
        :shades="species.shades"
        :hidden="HIDDEN_OF_PART"
        :path="path"
        @change="(p, value) => emit('change', p, value)"
      />
      <PartWhy v-if="part" :species="species" :part-id="part.id" @change="(p, value) => emit('change', p, value)" />
      <SchemaFields
        v-if="!part"
        class="mt-1"
        :node="resolved(speciesSchema)"
        :value="species as unknown as Record<string, unknown>"
        :shades="species.shades"
        :hidden="HIDDEN_OF_SPECIES"
        path=""
        @change="(p, value) => emit('change', p, value)"
      />
    </details>
    <DrawerTools v-if="part" :key="`tools ${part.id}`" :species="species" :part="part" :species-id="speciesId" />
    <FigureTable :key="part?.id" :figures="figures" :reason="(key) => reason(key, own?.id)" class="mt-2" />
    <GaugeTable
      v-if="own && own.gauges.length > 0 && part"
      :rows="own.gauges"
      :part="part"
      @choose="emit('change', `${path}/pieces/attachment/gauge`, $event)"
    />
    <p v-if="!part" class="mt-3 flex flex-wrap items-center gap-x-3 text-quiet">
      the plate as one page
      <a
        v-for="form in ['svg', 'pdf', 'png']"
        :key="form"
        class="act-quiet !px-0"
        :href="`/api/species/${speciesId}/sheet.${form}?lengths=${lengths.unit === 'in' ? 'IN' : 'MM'}`"
        target="_blank"
        >{{ form.toUpperCase() }}</a
      >
    </p>
    <p v-if="!part" class="mt-1">
      <RouterLink class="act-quiet !px-0" :to="`/plate/${speciesId}/method`">The method, act by act, to print</RouterLink>
    </p>
    <TryAtBench v-if="!part" class="mt-3" :species-id="speciesId" :name="species.name" />
    <p class="mt-3">
      <RouterLink class="act-quiet" :to="{ path: '/troubleshooting', query: { species: speciesId, part: part?.id } }"
        >Something went wrong with it?</RouterLink
      >
    </p>
    <CautionList v-if="!part" :cautions="reckoning.cautions" />
    <ShadeList v-if="!part" :species="species" :reckoned="reckoning.shades" @change="(p, value) => emit('change', p, value)" />
  </section>
</template>
