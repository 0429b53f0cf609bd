import createClient, { type Middleware } from 'openapi-fetch'
import { units } from '../quantity/units'
import type { components, paths } from './schema'

export type Schemas = components['schemas']

/** A refusal of the server: what stands in the way, and which field it is about. */
export class ProblemError extends Error {
  readonly status: number
  readonly faults: { field: string; given: string; allowed: string }[]

  constructor(status: number, detail: string, faults: { field: string; given: string; allowed: string }[] = []) {
    super(detail)
    this.status = status
    this.faults = faults
  }
}

function cookie(name: string): string {
  return (
    document.cookie
      .split('; ')
      .find((c) => c.startsWith(`${name}=`))
      ?.slice(name.length + 1) ?? ''
  )
}

const guard: Middleware = {
  onRequest({ request }) {
    request.headers.set('Yard-Units', units())
    if (request.method !== 'GET') {
      request.headers.set('X-XSRF-TOKEN', decodeURIComponent(cookie('XSRF-TOKEN')))
      if (!request.headers.has('Idempotency-Key')) request.headers.set('Idempotency-Key', crypto.randomUUID())
    }
    return request
  },
}

export const api = createClient<paths>({ baseUrl: window.location.origin })
api.use(guard)

/** Unwraps an answer, or throws what the server refused. */
export async function answered<T>(call: Promise<{ data?: T; error?: unknown; response: Response }>): Promise<T> {
  let result
  try {
    result = await call
  } catch {
    throw new ProblemError(0, 'The server cannot be reached. Nothing was saved; try again when the connection is back.')
  }
  if (result.response.ok) return result.data as T
  const problem = (result.error ?? {}) as { detail?: string; faults?: { field: string; given: string; allowed: string }[] }
  throw new ProblemError(result.response.status, problem.detail ?? 'The server refused this without saying why.', problem.faults ?? [])
}

/** What stands beside a field that was refused. */
export function faultOf(error: ProblemError | null, field: string): string | undefined {
  const f = error?.status === 422 ? error.faults.find((one) => one.field === field) : undefined
  return f && `${f.given === '' || f.given === 'null' ? 'Missing' : `'${f.given}' is not possible`}: ${f.allowed}.`
}
