import { describe, expect, it } from 'vitest'
import {
  amount,
  at,
  copied,
  empty,
  ends,
  leaves,
  merged,
  minor,
  number,
  patched,
  quantity,
  range,
  withField,
  type Form,
} from '../src/features/kits/form'

const field = (name: string, kind: Form['kind'], more: Partial<Form> = {}): Form => ({
  name,
  title: name.toUpperCase(),
  what: '',
  kind,
  optional: false,
  unit: '',
  choices: [],
  fields: [],
  uses: [],
  checks: [],
  ...more,
})
const axle = field('axle', 'GROUP', { fields: [field('flats', 'QUANTITY', { unit: 'mm' }), field('turn', 'GROUP', { optional: true })] })
const drive = field('drive', 'DRIVE', {
  fields: [field('hub', 'GROUP', { fields: [axle] }), field('roller', 'GROUP', { fields: [field('clamp', 'RANGE', { unit: 'N·m' })] })],
})
const kit = field('', 'GROUP', { fields: [field('code', 'TEXT'), drive, field('contents', 'LIST')] })

describe('a figure with its unit', () => {
  it.each([
    ['68.5', 'mm', '68.5 mm'],
    ['68,5', 'mm', '68.5 mm'],
    [' 68.5 mm ', 'mm', '68.5 mm'],
    ['−2', 'mm', '-2 mm'],
    ['1.18 in', 'mm', '29.972 mm'],
    ['1"', 'mm', '25.4 mm'],
    ['13 Ah', 'A', '13 Ah A'],
    ['a bit', 'mm', 'a bit mm'],
    ['', 'mm', undefined],
  ])('%s of %s is %s', (typed, unit, kept) => expect(quantity(typed, unit)).toBe(kept))

  it('is shown without it', () => {
    expect(amount('68.5 mm', 'mm')).toBe('68.5')
    expect(amount('wide', 'mm')).toBe('wide')
    expect(amount(undefined, 'mm')).toBe('')
  })

  it.each([
    ['35', '40', '35–40 N·m'],
    ['35', '35', '35 N·m'],
    ['35', '', '35 N·m'],
    ['', '40', '40 N·m'],
    ['', '', undefined],
    ['3,5', '4', '3.5–4 N·m'],
  ])('from %s to %s is %s', (from, to, kept) => expect(range(from, to, 'N·m')).toBe(kept))

  it('has two ends', () => {
    expect(ends('35–40 N·m', 'N·m')).toEqual(['35', '40'])
    expect(ends('35 N·m', 'N·m')).toEqual(['35', '35'])
    expect(ends(undefined, 'N·m')).toEqual(['', ''])
  })

  it('that is no number stays what was typed', () => {
    expect(number('12,5')).toBe(12.5)
    expect(number('twelve')).toBe('twelve')
    expect(number(' ')).toBeUndefined()
    expect(minor('129.5')).toBe(12950)
    expect(minor('0.29')).toBe(29)
    expect(minor('much')).toBe('much')
  })
})

describe('a sheet', () => {
  it('begins with nothing that somebody would have to know', () => {
    expect(empty(kit, 'hub')).toEqual({ drive: { mount: 'hub', axle: {} }, contents: [] })
    expect(empty(kit, 'roller')).toEqual({ drive: { mount: 'roller' }, contents: [] })
  })

  it('says that a text is empty where it may be, and asks for those that may not', () => {
    const plug = field('plug', 'GROUP', { fields: [field('kind', 'TEXT'), field('colour', 'TEXT_OR_NONE')] })
    expect(withField(plug, undefined, 'kind', 'X')).toEqual({ kind: 'X', colour: '' })
    expect(withField(plug, { kind: 'X', colour: 'red' }, 'colour', undefined)).toEqual({ kind: 'X', colour: '' })
    expect(empty(field('', 'GROUP', { fields: [plug] }), 'hub')).toEqual({ plug: { colour: '' } })
  })

  it('keeps the form’s order, and what the form does not know', () => {
    const set = withField(kit, { contents: [], note: 'x' }, 'code', 'AB1')
    expect(Object.keys(set)).toEqual(['code', 'contents', 'note'])
    expect(withField(kit, { code: 'AB1', contents: [] }, 'code', undefined)).toEqual({ contents: [] })
    expect(Object.keys(withField(drive, { mount: 'hub' }, 'axle', {}))).toEqual(['mount', 'axle'])
  })

  it('is copied without its code and its variants', () => {
    expect(copied({ code: 'A', variants: [{}], take: 'A', name: 'n' })).toEqual({ code: '', name: 'n' })
  })
})

describe('a variant', () => {
  const sheet = { code: 'A', drive: { mount: 'hub', axle: { flats: '10 mm' } }, contents: [] }

  it('can have every figure otherwise that its sheet has', () => {
    expect(leaves(kit, sheet).map((l) => [l.path.join('/'), l.title])).toEqual([
      ['code', 'CODE'],
      ['drive/axle/flats', 'DRIVE, AXLE, FLATS'],
      ['contents', 'CONTENTS'],
    ])
  })

  it('says only what is different', () => {
    const one = patched(undefined, ['drive', 'axle', 'flats'], '9.8 mm')
    expect(one).toEqual({ drive: { axle: { flats: '9.8 mm' } } })
    expect(at(merged(sheet, one), ['drive', 'axle', 'flats'])).toBe('9.8 mm')
    expect(merged(sheet, { drive: { axle: null } })).toEqual({ code: 'A', drive: { mount: 'hub' }, contents: [] })
    const two = patched(one, ['name'], 'long')
    expect(patched(two, ['drive', 'axle', 'flats'], undefined)).toEqual({ name: 'long' })
    expect(patched(one, ['drive', 'axle', 'flats'], undefined)).toBeUndefined()
  })
})
