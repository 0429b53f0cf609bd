import { QueryClient, QueryObserver } from '@tanstack/react-query'
import { expect, it } from 'vitest'
import { stale } from '../src/api/stale'

/** A page that has just been opened and whose first answer is held back, with what it is answered in turn. */
function opened() {
  const queries = new QueryClient({ defaultOptions: { queries: { staleTime: Infinity, retry: false } } })
  const asked: ((answer: string) => void)[] = []
  const observer = new QueryObserver(queries, { queryKey: ['yard'], queryFn: () => new Promise<string>((answer) => asked.push(answer)) })
  observer.subscribe(() => undefined)
  return { queries, asked, observer }
}

/** Lets what was promised happen. */
const settled = async () => {
  for (let i = 0; i < 20; i++) await Promise.resolve()
  await new Promise((r) => setTimeout(r))
}

it('asks again when something happened while the first answer was under way', async () => {
  const { queries, asked, observer } = opened()
  expect(asked).toHaveLength(1)
  stale(queries, ['yard'])
  stale(queries)
  asked[0]?.('as it was')
  await settled()
  expect(asked).toHaveLength(2)
  asked[1]?.('as it is')
  await settled()
  expect(observer.getCurrentResult().data).toBe('as it is')
  expect(asked).toHaveLength(2)
})

it('leaves what is not about it alone', async () => {
  const { queries, asked } = opened()
  stale(queries, ['plan'])
  asked[0]?.('as it was')
  await settled()
  expect(asked).toHaveLength(1)
})

it('asks at once where an earlier answer is shown', async () => {
  const { queries, asked, observer } = opened()
  asked[0]?.('as it was')
  await settled()
  stale(queries, ['yard'])
  expect(asked).toHaveLength(2)
  stale(queries, ['yard'])
  expect(asked).toHaveLength(3)
  asked[2]?.('as it is')
  asked[1]?.('between')
  await settled()
  expect(observer.getCurrentResult().data).toBe('as it is')
})
