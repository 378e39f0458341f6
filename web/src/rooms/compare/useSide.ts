import { useQuery } from '@tanstack/vue-query'
import { computed, type Ref } from 'vue'
import { answered, api, type Reckoning, type Schemas, type SpeciesDocument } from '@/api/client'
import { useRoom } from '@/parts/useRoom'
import { usePace } from '@/parts/usePace'
import { useTechniques } from '@/parts/useTechniques'

export interface Side {
  id: string
  stage: Schemas['OpeningStage']
}

/** One side of a comparison: the document of the chosen stage and its reckoning. */
export function useSide(side: Ref<Side>) {
  const room = useRoom()
  const techniques = useTechniques()
  const pace = usePace()
  const found = useQuery({
    queryKey: computed(() => ['compared', side.value, room.room, techniques.techniques, pace.pace]),
    enabled: computed(() => side.value.id !== ''),
    queryFn: async () => {
      const { id, stage } = side.value
      const document = (await answered(
        api.GET('/api/species/{id}/stages/{stage}/document', { params: { path: { id, stage } } }),
      )) as SpeciesDocument
      const reckoning: Reckoning = await answered(
        api.POST('/api/reckoning', {
          body: { species: document, room: room.room, techniques: techniques.techniques, pace: pace.pace, reasons: false },
        }),
      )
      return { document, reckoning }
    },
    placeholderData: (before) => before,
  })
  return computed(() => ({ ...found.data.value, error: found.error.value }))
}
