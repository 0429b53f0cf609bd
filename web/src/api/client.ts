import createClient, { type Middleware } from 'openapi-fetch'
import { units } from '../quantity/units'
import { ask, keyFor, markOf, settled } from './intent'
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

/** No answer came: a question is asked again, of a command nobody knows whether it was carried out. */
class Unanswered extends Error {
  readonly command: boolean

  constructor(command: boolean) {
    super('no answer')
    this.command = command
  }
}

const KEY = 'Idempotency-Key'
/** A moment's gap is bridged before anybody is told, ms. */
const AGAIN_AFTER = [500, 1_500]
/** Commands whose key is kept here; a tap at the stand brings its own and waits in its queue. */
const kept = new WeakSet<Request>()

const guard: Middleware = {
  async onRequest({ request }) {
    request.headers.set('Yard-Units', units())
    if (request.method !== 'GET') {
      request.headers.set('X-XSRF-TOKEN', decodeURIComponent(cookie('XSRF-TOKEN')))
      if (!request.headers.has(KEY) && !request.url.includes('/api/receipts/')) {
        request.headers.set(KEY, keyFor(await markOf(request)))
        kept.add(request)
      }
    }
    return request
  },
  onResponse({ request, response }) {
    if (response.status < 500) settled(request.headers.get(KEY) ?? '')
  },
  onError({ request }) {
    if (kept.has(request)) void ask(request.headers.get(KEY) ?? '', whatBecameOf)
    return new Unanswered(request.method !== 'GET')
  },
}

/** Whether the command of a key was carried out; nothing while the server cannot be asked. */
async function whatBecameOf(key: string): Promise<boolean | undefined> {
  try {
    const { data } = await api.PUT('/api/receipts/{key}', { params: { path: { key } } })
    return data?.saved
  } catch {
    return undefined
  }
}

/**
 * How long an answer may take, ms: a cable that is pulled behind a switch breaks nothing off by itself. A stand’s tap is kept and sent again; the server itself
 * gives up a database that hangs after 30 s; pictures take their time.
 */
const PATIENCE = { tap: 8_000, usual: 40_000, picture: 180_000 }

function patienceWith(request: Request): number {
  if (request.headers.get('Content-Type')?.startsWith('multipart/')) return PATIENCE.picture
  return request.headers.has(KEY) && !kept.has(request) ? PATIENCE.tap : PATIENCE.usual
}

/** The answer, its body too, within what it may take; else as if the network were away. */
function timely(request: Request, ms: number): Promise<Response> {
  const over = new AbortController()
  setTimeout(() => over.abort(), ms)
  return fetch(request, { signal: over.signal })
}

/** Repeats a command that got no answer, with its key: the server does it once, so the second answer is the first one's. */
async function patiently(request: Request): Promise<Response> {
  const ms = patienceWith(request)
  if (!kept.has(request)) return timely(request, ms)
  for (const wait of AGAIN_AFTER) {
    try {
      const response = await timely(request.clone(), ms)
      if (![502, 503, 504].includes(response.status)) return response
    } catch {
      // Asked again below.
    }
    await new Promise((done) => setTimeout(done, wait))
  }
  return timely(request, ms)
}

export const api = createClient<paths>({ baseUrl: window.location.origin, fetch: patiently })
api.use(guard)

/** Unwraps an answer, or throws what the server refused. */
export async function answered<T>(call: Promise<{ data?: T; error?: unknown; response: Response }>): Promise<T> {
  let result
  try {
    result = await call
  } catch (error) {
    throw new ProblemError(
      0,
      error instanceof Unanswered && !error.command
        ? 'The server cannot be reached. Try again when the connection is back.'
        : 'No answer came: it is not known yet whether this was saved. Asking …',
    )
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
