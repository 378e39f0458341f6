import { shallowRef, watch, type ShallowRef } from 'vue'
import { answered, api, Failure, type Reckoning, type Room, type Schemas, type SpeciesDocument, type Techniques } from '@/api/client'

/** The reckoning of a draft in a room, by the studio’s techniques and pace: always of the newest, one question at a time. */
export function useReckoning(
  draft: ShallowRef<SpeciesDocument | undefined>,
  room: () => Room,
  techniques: () => Techniques | undefined,
  pace: () => Schemas['Pace'] | undefined,
) {
  const reckoning = shallowRef<Reckoning>()
  const fault = shallowRef<Failure>()
  let asking = false
  let stale = false

  async function ask() {
    if (!draft.value) return
    if (asking) {
      stale = true
      return
    }
    asking = true
    try {
      reckoning.value = await answered(
        api.POST('/api/reckoning', {
          body: { species: draft.value, room: room(), techniques: techniques(), pace: pace(), reasons: false },
        }),
      )
      fault.value = undefined
    } catch (e) {
      fault.value = e as Failure
    } finally {
      asking = false
      if (stale) {
        stale = false
        void ask()
      }
    }
  }

  /** The reason of a figure of a part, or of the whole flower. */
  function reason(key: string, partId?: string) {
    const of = { species: draft.value!, room: room(), techniques: techniques(), pace: pace() }
    return answered(api.POST('/api/reckoning/reason', { body: { of, partId, key } }))
  }

  watch([draft, room, techniques, pace], ask, { immediate: true })
  return { reckoning, fault, reason }
}
