/**
 * What this browser holds until the server has it. Its room is bounded, and copies of what the server has anyway make room first: the
 * benches of other orders, then cards and plans of this one. What was typed or touched is never given up for them.
 */
const COPIES = 'crisp-whorl.bench.view.'

/** Benches that are kept for when the server is away. */
const MOST_COPIES = 4

const copies = () => Object.keys(localStorage).filter((key) => key.startsWith(COPIES))

/** Keeps something; false where there is no room, however much else makes room. */
export function holdHere(name: string, text: string): boolean {
  for (const give of [undefined, ...copies().filter((key) => key !== name)]) {
    if (give !== undefined) localStorage.removeItem(give)
    try {
      localStorage.setItem(name, text)
      return true
    } catch {
      // The next copy makes room.
    }
  }
  return false
}

/** Keeps a copy of what the server has, where there is room for it; older ones of other orders make room. */
export function copyHere(id: string, text: string) {
  const others = copies().filter((key) => key !== COPIES + id)
  others.slice(0, Math.max(0, others.length - MOST_COPIES + 1)).forEach((key) => localStorage.removeItem(key))
  try {
    localStorage.setItem(COPIES + id, text)
  } catch {
    localStorage.removeItem(COPIES + id)
  }
}

/** The copy of an order's bench. */
export const copyOf = (id: string) => localStorage.getItem(COPIES + id)

/** Forgets the copies of orders that are delivered or gone. */
export function forgetCopies(gone: (id: string) => boolean) {
  copies()
    .map((key) => key.slice(COPIES.length))
    .filter(gone)
    .forEach((id) => localStorage.removeItem(COPIES + id))
}
