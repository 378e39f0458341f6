/** Sets the value at a JSON pointer in a document; an undefined value takes it away. The document is changed. */
export function setAt(document: object, pointer: string, value: unknown): void {
  const steps = pointer
    .split('/')
    .slice(1)
    .map((s) => s.replace(/~1/g, '/').replace(/~0/g, '~'))
  const last = steps.pop()!
  let place = document as Record<string, unknown>
  for (const step of steps) {
    place = place[step] as Record<string, unknown>
  }
  if (value === undefined) {
    delete place[last]
  } else {
    place[last] = value
  }
}

/** A copy of a value with another at a place of it. */
export function withAt<T extends object>(value: T, pointer: string, to: unknown): T {
  const copy = JSON.parse(JSON.stringify(value)) as T
  setAt(copy, pointer, to)
  return copy
}
