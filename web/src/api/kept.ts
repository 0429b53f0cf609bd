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

/** What the server answers; while it cannot be reached, what it answered last in this browser. */
export async function orKept<T>(name: string, ask: () => Promise<T>): Promise<T> {
  try {
    const answer = await ask()
    keep(name, answer)
    return answer
  } catch (error) {
    const kept = error instanceof ProblemError && error.status === 0 ? localStorage.getItem(PREFIX + name) : null
    if (kept === null) throw error
    return JSON.parse(kept) as T
  }
}

/** Whoever signs out leaves nothing of the shop behind. */
export function forgetKept() {
  Object.keys(localStorage)
    .filter((k) => k.startsWith(ALL))
    .forEach((k) => localStorage.removeItem(k))
}
