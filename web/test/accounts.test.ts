import { describe, expect, it } from 'vitest'
import { signInName } from '../src/features/shop/Accounts'

describe('what somebody would sign in as', () => {
  it.each([
    ['Jon Ötter', 'jon'],
    ['  Öznur  Ç. ', 'oznur'],
    ["D'Arcy", 'darcy'],
    ['Anne-Marie P.', 'anne-marie'],
    ['9lives', 'lives'],
    ['李', ''],
    ['', ''],
  ])('%s → %s', (name, wanted) => expect(signInName(name)).toBe(wanted))
})
