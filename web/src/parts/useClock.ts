import { ref } from 'vue'
import { answered, api } from '@/api/client'

/**
 * The studio's clock. A device whose own is apart is told how far when it connects, and goes by the studio's from then on; what is
 * kept is shown in the studio's zone, wherever the device believes that it is.
 */
const APART = 'crisp-whorl.clock-apart'
const ZONE = 'crisp-whorl.clock-zone'
/** A difference that the way there and back may make is none, ms. */
const NEAR_MS = 1500

function kept(name: string): string | undefined {
  try {
    return localStorage.getItem(name) ?? undefined
  } catch {
    return undefined
  }
}
function keep(name: string, value: string) {
  try {
    localStorage.setItem(name, value)
  } catch {
    // Where nothing more can be kept it is asked again next time.
  }
}

const apart = ref<number | undefined>(kept(APART) === undefined ? undefined : Number(kept(APART)))
const zone = ref<string | undefined>(kept(ZONE))

/** Hears what time it is at the studio. */
function hear(now: string, asked: number, heard: number) {
  const measured = Date.parse(now) - (asked + heard) / 2
  apart.value = Math.abs(measured) < NEAR_MS + (heard - asked) / 2 ? 0 : Math.round(measured)
  keep(APART, String(apart.value))
}

async function look() {
  const asked = Date.now()
  const told = await answered(api.GET('/api/clock')).catch(() => undefined)
  if (!told) return
  hear(told.now, asked, Date.now())
  zone.value = told.zone
  keep(ZONE, told.zone)
}

export function useClock() {
  return {
    /** How far the device's clock is behind the studio's, ms; undefined before it was ever told. */
    apart,
    zone,
    hear,
    look,
    /** Now by the studio's clock, ms. */
    now: () => Date.now() + (apart.value ?? 0),
  }
}
