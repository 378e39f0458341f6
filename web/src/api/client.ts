import createClient from 'openapi-fetch'
import type { components, paths } from './schema'

export type Schemas = components['schemas']
export type SpeciesDocument = Schemas['SpeciesDocument']
export type Part = Schemas['Part']
export type Petaled = Schemas['Whorl'] | Schemas['Calyx'] | Schemas['Leaf']
export type Reckoning = Schemas['ReckoningView']
export type Room = Schemas['Room']
export type Ways = Schemas['Ways']
export type Figure = Schemas['FigureView']
export type Finding = Schemas['FindingView']
export type Problem = Schemas['Problem']

export const api = createClient<paths>({ baseUrl: window.location.origin })

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
    throw new Failure(undefined, 0)
  }
  if (result.error !== undefined || !result.response.ok) {
    throw new Failure(result.error as Problem | undefined, result.response.status)
  }
  return result.data as T
}

/** Whether a part is made of equal flat pieces. */
export function isPetaled(part: Part): part is Petaled {
  return 'pieces' in part
}
