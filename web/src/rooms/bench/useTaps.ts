/** A finger that hits twice, or slips as the next task comes under it, touches once. */
const AGAIN_MS = 600

/**
 * Which taps are touches: after one that begins or ends something nothing of that kind counts for a moment, and nothing at all that
 * would fall on another task.
 *
 * @param now a clock, ms
 */
export function useTaps(now: () => number = () => performance.now()) {
  let last: { task: string; at: number } | undefined

  /**
   * Whether a tap counts.
   *
   * @param task on which it falls
   * @param decides whether it begins or ends something; counts all count
   */
  function counts(task: string, decides: boolean): boolean {
    const soon = last !== undefined && now() - last.at < AGAIN_MS
    if (soon && (decides || task !== last?.task)) return false
    if (decides) last = { task, at: now() }
    return true
  }

  /** The next task was turned to on purpose: whatever falls on it is meant. */
  const turned = () => (last = undefined)

  return { counts, turned }
}
