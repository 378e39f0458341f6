<script setup lang="ts">
import type { Finding, Part, Schemas } from '@/api/client'
import WhyButton from '@/parts/WhyButton.vue'

const props = defineProps<{ findings: Finding[]; parts: Part[] }>()
const emit = defineEmits<{ fix: [fix: Schemas['FixView']]; select: [id: string] }>()
const nameOf = (id?: string) => props.parts.find((p) => p.id === id)?.name ?? 'flower'
</script>

<template>
  <div aria-label="Findings" role="region">
    <p v-if="findings.length === 0" class="mt-2 border-b border-line pb-2" data-fine>
      ● fine <span class="text-quiet">nothing to fix here</span>
    </p>
    <ul v-else class="divide-y divide-line border-b border-line">
      <li v-for="f in findings" :key="f.kind + f.partId" class="py-2" :data-finding="f.kind">
        <p class="flex items-baseline gap-2">
          <span class="font-semibold whitespace-nowrap">{{ f.severity === 'stop' ? '■ stop' : '◆ check' }}</span>
          <span class="min-w-0 flex-1">
            {{ $told(f.title) }}
            <button v-if="f.partId" type="button" class="text-note text-accent italic hover:underline" @click="emit('select', f.partId)">
              {{ nameOf(f.partId) }}
            </button>
          </span>
          <WhyButton :why="() => f.why" :about="f.title" />
        </p>
        <p v-if="f.fixes.length" class="mt-1 flex flex-wrap gap-1.5">
          <button v-for="m in f.fixes" :key="m.label" type="button" class="act !px-2 text-note" @click="emit('fix', m)">
            {{ $told(m.label) }}
          </button>
        </p>
      </li>
    </ul>
  </div>
</template>
