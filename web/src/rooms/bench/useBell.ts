import { onScopeDispose, type Ref, watch } from 'vue'
import type { Timer } from './underway'

const BEEP_HZ = 880
const BEEP_S = 0.25

/** Something is due: three short tones, where the browser may sound; and the screen stays awake while the bench is open. */
export function useBell(timers: Ref<Timer[]>, now: Ref<number>) {
  const rung = new Set<string>()
  let began = true

  function ring() {
    try {
      const audio = new AudioContext()
      for (let i = 0; i < 3; i++) {
        const tone = audio.createOscillator()
        const loud = audio.createGain()
        loud.gain.value = 0.2
        tone.frequency.value = BEEP_HZ
        tone.connect(loud).connect(audio.destination)
        tone.start(audio.currentTime + 2 * i * BEEP_S)
        tone.stop(audio.currentTime + (2 * i + 1) * BEEP_S)
      }
      setTimeout(() => void audio.close(), 10 * BEEP_S * 1000)
    } catch {
      // A browser that may not sound shows it all the same.
    }
  }

  watch(now, (moment) => {
    const due = timers.value.filter((t) => t.due <= moment && !rung.has(t.key))
    due.forEach((t) => rung.add(t.key))
    // What was due before the bench was opened is shown, not rung.
    if (due.length > 0 && !began) ring()
    began = began && timers.value.length === 0
  })

  let lock: WakeLockSentinel | undefined
  async function stayAwake() {
    if (document.visibilityState !== 'visible' || !('wakeLock' in navigator)) return
    lock = await navigator.wakeLock.request('screen').catch(() => undefined)
  }
  void stayAwake()
  document.addEventListener('visibilitychange', stayAwake)
  onScopeDispose(() => {
    document.removeEventListener('visibilitychange', stayAwake)
    void lock?.release()
  })
}
