import createClient from 'openapi-fetch'
import { away } from './away'
import type { components, paths } from './schema'

export type Schemas = components['schemas']
export type SpeciesDocument = Schemas['SpeciesDocument']
export type Part = Schemas['Part']
export type Petaled = Extract<Part, { pieces: unknown }>
export type Reckoning = Schemas['ReckoningView']
export type Room = Schemas['Room']
export type Techniques = Schemas['Techniques']
export type Figure = Schemas['FigureView']
export type Finding = Schemas['FindingView']
export type Problem = Schemas['Problem']

export const api = createClient<paths>({ baseUrl: window.location.origin })

const TOKEN_COOKIE = 'XSRF-TOKEN'
const TOKEN_HEADER = 'X-XSRF-TOKEN'

/** On the home network a change carries a token that only this studio's own pages know. */
export function token(): Record<string, string> {
  const cookie = document.cookie.split('; ').find((c) => c.startsWith(`${TOKEN_COOKIE}=`))
  return cookie ? { [TOKEN_HEADER]: decodeURIComponent(cookie.slice(TOKEN_COOKIE.length + 1)) } : {}
}

api.use({
  onRequest({ request }) {
    Object.entries(token()).forEach(([name, value]) => request.headers.set(name, value))
  },
  /** Where the passphrase is asked for again, it is said first; what is not kept yet waits in this browser. */
  onResponse({ response }) {
    if (response.status === 401) window.location.assign('/enter')
  },
})

/** A failed answer, told in the server's own words. */
export class Failure extends Error {
  constructor(
    readonly problem: Problem | undefined,
    readonly status: number,
  ) {
    super(problem?.title ?? 'Crisp Whorl does not answer.')
  }

  get unreachable() {
    return this.status === 0
  }
}

/** The data of an answer, or its failure thrown. */
export async function answered<T>(call: Promise<{ data?: T; error?: unknown; response: Response }>): Promise<T> {
  let result
  try {
    result = await call
  } catch (e) {
    if (e instanceof DOMException && e.name === 'AbortError') throw e
    away.value = true
    throw new Failure(undefined, 0)
  }
  away.value = false
  if (result.error !== undefined || !result.response.ok) {
    throw new Failure(result.error as Problem | undefined, result.response.status)
  }
  return result.data as T
}

/** Whether a part is made of equal flat pieces. */
export function isPetaled(part: Part): part is Petaled {
  return 'pieces' in part
}

/** Gauge of a part's own wire; 0 where it has none. */
export function gaugeOf(part: Part): number {
  const wired = isPetaled(part) ? part.pieces.attachment : part
  if (!('gauge' in wired) || ('wires' in wired && wired.wires === 0)) return 0
  return wired.gauge
}
