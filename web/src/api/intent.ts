/**
 * A command's key, from when it is first sent until it is answered: whoever presses again after a lost answer repeats the same command, and
 * the server does it once. Kept for the tab, also when the page is loaded again.
 */
const KEPT = 'yard.intents'
const MOST = 40
const FORGOTTEN_AFTER = 24 * 3600_000

interface Kept {
  key: string
  at: number
}

function read(): Record<string, Kept> {
  try {
    return JSON.parse(sessionStorage.getItem(KEPT) ?? '{}') as Record<string, Kept>
  } catch {
    return {}
  }
}

function write(all: Record<string, Kept>) {
  const young = Object.entries(all)
    .filter(([, kept]) => Date.now() - kept.at < FORGOTTEN_AFTER)
    .slice(-MOST)
  try {
    sessionStorage.setItem(KEPT, JSON.stringify(Object.fromEntries(young)))
  } catch {
    // A full store forgets keys: what is sent again is then a command of its own, as it was before there were any.
  }
}

/** A mark of what is asked for: method, address and content. */
export async function markOf(request: Request): Promise<string> {
  const bytes = new Uint8Array(await request.clone().arrayBuffer())
  // FNV-1a: told apart, not kept secret.
  let hash = 0x811c9dc5
  for (const byte of bytes) hash = Math.imul(hash ^ byte, 0x01000193) >>> 0
  return `${request.method} ${request.url} ${bytes.length} ${hash.toString(16)}`
}

/** The key of an unanswered command of the same mark, else a new one. */
export function keyFor(mark: string): string {
  const all = read()
  const key = all[mark]?.key ?? crypto.randomUUID()
  write({ ...all, [mark]: { key, at: Date.now() } })
  return key
}

/** The command was answered, whatever with: the next of the same content is another one. */
export function settled(key: string) {
  write(Object.fromEntries(Object.entries(read()).filter(([, kept]) => kept.key !== key)))
}

/** Whether the command of that key is still unanswered. */
export function open(key: string): boolean {
  return Object.values(read()).some((kept) => kept.key === key)
}

type Tell = (saved: boolean) => void
const listeners = new Set<Tell>()
const ASK_EVERY = 3_000

/** Hears what became of commands that got no answer. */
export function onSettled(tell: Tell): () => void {
  listeners.add(tell)
  return () => {
    listeners.delete(tell)
  }
}

/**
 * Asks by key what became of a command, until the server says so. The server gives up a key it does not know: what arrives under it later is
 * refused, so the answer stays true.
 */
export async function ask(key: string, send: (key: string) => Promise<boolean | undefined>): Promise<void> {
  while (open(key)) {
    await new Promise((done) => setTimeout(done, ASK_EVERY))
    if (!open(key)) return
    const saved = await send(key)
    if (saved === undefined) continue
    settled(key)
    listeners.forEach((tell) => tell(saved))
  }
}
