import { ProblemError } from './client'

const ALL = 'yard.kept.'
/** Raised when what is kept changes its shape: an earlier version's lists are not read. */
const PREFIX = `${ALL}2.`
/** So many lists of steps: a tablet stands at one bike, seldom at more than a few. */
const MOST = 4

/** Keeps an answer in this browser, for a tablet that is loaded anew while the network is away. */
export function keep(name: string, answer: unknown) {
  const key = PREFIX + name
  try {
    localStorage.removeItem(key)
    const lists = Object.keys(localStorage).filter((k) => k.startsWith(`${PREFIX}steps.`))
    if (name.startsWith('steps.')) lists.slice(0, Math.max(0, lists.length + 1 - MOST)).forEach((k) => localStorage.removeItem(k))
    localStorage.setItem(key, JSON.stringify(answer))
  } catch {
    // A full browser keeps nothing: with a network nobody notices, without one the page says that it cannot be reached.
  }
}

/** Longer than a server takes that is there; hands do not wait for one that is not, ms. */
const SOON_MS = 5_000

/**
 * What the server answers; while it cannot be reached, or does not answer soon, what it answered last in this browser.
 *
 * @param late takes an answer that came after all
 */
export async function orKept<T>(name: string, ask: () => Promise<T>, late: (answer: T) => void): Promise<T> {
  const kept = localStorage.getItem(PREFIX + name)
  let over = false
  const asking = ask().then((answer) => {
    keep(name, answer)
    if (over) late(answer)
    return answer
  })
  if (kept === null) return asking
  try {
    return await Promise.race([asking, soon()])
  } catch (error) {
    if (!(error instanceof ProblemError && error.status === 0)) throw error
    over = true
    asking.catch(() => undefined)
    return JSON.parse(kept) as T
  }
}

function soon(): Promise<never> {
  return new Promise((_, no) => setTimeout(() => no(new ProblemError(0, 'no answer soon')), SOON_MS))
}

/** Whoever signs out leaves nothing of the shop behind. */
export function forgetKept() {
  Object.keys(localStorage)
    .filter((k) => k.startsWith(ALL))
    .forEach((k) => localStorage.removeItem(k))
}
