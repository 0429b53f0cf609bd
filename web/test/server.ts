import { vi } from 'vitest'

/** What came in, by method and path, in order. */
export interface Asked {
  method: string
  path: string
  headers: Headers
}

/** `hangs`: neither an answer nor an error, as behind a cable that was pulled at a switch. */
type Reply = { status: number; body?: unknown } | 'away' | 'hangs'

/** A server on the other side of `fetch`: answers each request as a test says, and remembers what it was asked. */
export function server(reply: (asked: Asked, nth: number) => Reply) {
  const asked: Asked[] = []
  vi.stubGlobal('fetch', async (input: Request, init?: RequestInit) => {
    const one = { method: input.method, path: new URL(input.url).pathname, headers: input.headers }
    asked.push(one)
    const answer = reply(one, asked.length)
    await Promise.resolve()
    if (answer === 'hangs') {
      return new Promise<Response>((_, no) => init?.signal?.addEventListener('abort', () => no(new DOMException('over', 'AbortError'))))
    }
    if (answer === 'away') throw new TypeError('network')
    return new Response(JSON.stringify(answer.body ?? {}), {
      status: answer.status,
      headers: { 'Content-Type': answer.status < 400 ? 'application/json' : 'application/problem+json' },
    })
  })
  return asked
}
