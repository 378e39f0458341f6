import { ref } from 'vue'

/** Whether the application did not answer when it was asked last. */
export const away = ref(false)

/** Asks whether it answers again. */
export async function lookForServer() {
  try {
    const answer = await fetch('/actuator/health', { cache: 'no-store' })
    away.value = !answer.ok && answer.status >= 500
  } catch {
    away.value = true
  }
}
