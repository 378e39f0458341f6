import { defineStore } from 'pinia'
import { ref, watch } from 'vue'
import type { LengthUnit } from './lengths'

const KEPT = 'crisp-whorl.lengths'

/** The unit in which lengths are shown everywhere. */
export const useLengths = defineStore('lengths', () => {
  const unit = ref<LengthUnit>(localStorage.getItem(KEPT) === 'in' ? 'in' : 'mm')
  watch(unit, (now) => localStorage.setItem(KEPT, now))
  return { unit }
})
