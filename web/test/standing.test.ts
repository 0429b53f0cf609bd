import { QueryClient } from '@tanstack/react-query'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import type { StandAnswer, StandNow } from '../src/api/standing'
import { server } from './server'

const now = (job: number, keys: string[], state = 'OPEN') =>
  ({ job: { number: job }, steps: keys.map((key) => ({ key, state })) }) as unknown as StandNow
const list = (keys: string[]) => ({ steps: keys.map((key) => ({ key })), now: now(7, keys) }) as unknown as StandAnswer

beforeEach(() => localStorage.clear())
afterEach(() => vi.unstubAllGlobals())

async function loaded() {
  vi.resetModules()
  return import('../src/api/standing')
}

describe('where a job’s steps stand', () => {
  it('is laid over its list', async () => {
    const { putNow } = await loaded()
    const queries = new QueryClient()
    queries.setQueryData(['steps', 7], list(['a', 'b']))
    putNow(queries, now(7, ['a', 'b'], 'DONE'))
    expect(queries.getQueryData<StandAnswer>(['steps', 7])!.now.steps.map((s) => s.state)).toEqual(['DONE', 'DONE'])
    expect(localStorage.getItem('yard.kept.2.steps.7')).toContain('DONE')
  })

  it('has a list that was rearranged read again as a whole', async () => {
    const { putNow } = await loaded()
    const queries = new QueryClient()
    const again = vi.spyOn(queries, 'invalidateQueries')
    queries.setQueryData(['steps', 7], list(['a', 'b']))
    putNow(queries, now(7, ['b', 'a'], 'DONE'))
    expect(again).toHaveBeenCalledWith({ queryKey: ['steps', 7] })
    expect(queries.getQueryData<StandAnswer>(['steps', 7])!.now.steps[0]!.state).toBe('OPEN')
  })

  it('is not asked for by a screen that does not show it', async () => {
    const asked = server(() => ({ status: 200, body: now(7, ['a']) }))
    const { stepsMoved } = await loaded()
    const queries = new QueryClient()
    queries.setQueryData(['steps', 7], list(['a']))
    await stepsMoved(queries, 7)
    expect(asked).toEqual([])
  })
})
