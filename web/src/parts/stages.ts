import type { Schemas } from '@/api/client'

/** The stages of opening that a flower can be made at, the full one last. */
export const STAGES: { value: Schemas['OpeningStage']; label: string }[] = [
  { value: 'bud', label: 'bud' },
  { value: 'half', label: 'half open' },
  { value: 'full', label: 'full' },
]
