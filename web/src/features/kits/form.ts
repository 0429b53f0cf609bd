import type { Schemas } from '../../api/client'
import { isGroup, type Json } from './json'

export type Form = Schemas['SheetForm']
export type Group = { [key: string]: Json }

export function group(value: Json | undefined): Group {
  return value !== undefined && isGroup(value) && !Array.isArray(value) ? value : {}
}

/** The fields that a group has now: a drive's are those of its kind. */
export function fieldsOf(form: Form, value: Json | undefined): Form[] {
  if (form.kind !== 'DRIVE') return form.fields
  return form.fields.find((f) => f.name === group(value).mount)?.fields ?? []
}

export function isGrouped(form: Form): boolean {
  return form.kind === 'GROUP' || form.kind === 'DRIVE'
}

/** The group with one field set, in the form's own order; taken away where there is nothing. */
export function withField(form: Form, value: Json | undefined, name: string, to: Json | undefined): Group {
  const before = group(value)
  const set: Group = {}
  const order = [...(form.kind === 'DRIVE' ? ['mount'] : []), ...fieldsOf(form, value).map((f) => f.name)]
  for (const key of [...new Set([...order, ...Object.keys(before), name])]) {
    const v = key === name ? to : before[key]
    // A text that may be empty is said to be so: nobody can type nothing.
    const none = fieldsOf(form, value).some((f) => f.name === key && f.kind === 'TEXT_OR_NONE' && !f.optional)
    if (v !== undefined) set[key] = v
    else if (none) set[key] = ''
  }
  return set
}

/** `68.5 mm` without its unit; what is no such text stays as it is. */
export function amount(value: Json | undefined, unit: string): string {
  if (typeof value !== 'string') return ''
  return value.endsWith(` ${unit}`) ? value.slice(0, -unit.length - 1) : value
}

const INCHES = /^(-?\d+(?:[.,]\d+)?)\s*(?:in|"|″)$/

/** What was typed, with its unit: a comma is a point, inches become millimetres; nothing where nothing was typed. */
export function quantity(typed: string, unit: string): string | undefined {
  const said = typed.trim()
  if (said === '') return undefined
  const inches = unit === 'mm' && INCHES.exec(said)
  if (inches) return `${Math.round(Number(inches[1]!.replace(',', '.')) * 25_400) / 1000} mm`
  const bare = said.endsWith(unit) ? said.slice(0, -unit.length).trim() : said
  return `${bare.replace(',', '.').replace('−', '-')} ${unit}`
}

/** The two ends of `35–40 N·m`; both the same where one was said. */
export function ends(value: Json | undefined, unit: string): [string, string] {
  const [from = '', to] = amount(value, unit).split('–')
  return [from, to ?? from]
}

export function range(from: string, to: string, unit: string): string | undefined {
  const [a, b] = [from, to].map((s) => s.trim().replace(',', '.')) as [string, string]
  if (a === '' && b === '') return undefined
  return a === b || b === '' || a === '' ? `${a || b} ${unit}` : `${a}–${b} ${unit}`
}

/** A number as it is typed; the text itself while it is none, so that nothing is lost and the server says what is wrong. */
export function number(typed: string): Json | undefined {
  const said = typed.trim().replace(',', '.')
  if (said === '') return undefined
  return Number.isFinite(Number(said)) ? Number(said) : typed
}

/** Hundredths of the shop's money from `129.50`. */
export function minor(typed: string): Json | undefined {
  const said = number(typed)
  return typeof said === 'number' ? Math.round(said * 100) : said
}

export interface Leaf {
  path: string[]
  form: Form
  title: string
}

/** Every figure of a sheet that a variant can have otherwise; a list as a whole. */
export function leaves(form: Form, value: Json | undefined, path: string[] = [], within = ''): Leaf[] {
  return fieldsOf(form, value).flatMap((f) => {
    const at = [...path, f.name]
    const inner = group(value)[f.name]
    if (isGrouped(f)) return inner === undefined && f.optional ? [] : leaves(f, inner, at, `${within}${f.title}, `)
    return [{ path: at, form: f, title: within + f.title }]
  })
}

export function at(value: Json | undefined, path: string[]): Json | undefined {
  return path.reduce<Json | undefined>((v, key) => group(v)[key], value)
}

/** The patch with one place set; nothing takes the place out of it, and groups that hold nothing any more with it. */
export function patched(patch: Json | undefined, path: string[], to: Json | undefined): Json | undefined {
  const [key, ...rest] = path
  if (key === undefined) return to
  const set = { ...group(patch) }
  const inner = patched(set[key], rest, to)
  if (inner === undefined) delete set[key]
  else set[key] = inner
  return Object.keys(set).length === 0 ? undefined : set
}

/** A merge patch (RFC 7386) laid over a sheet. */
export function merged(sheet: Json, patch: Json | undefined): Json {
  if (patch === undefined || !isGroup(patch) || Array.isArray(patch)) return patch ?? sheet
  const all = { ...group(sheet) }
  for (const [key, v] of Object.entries(patch)) {
    if (v === null) delete all[key]
    else all[key] = merged(all[key] ?? {}, v)
  }
  return all
}

/** A sheet to begin with: only what decides which figures it asks for, and lists with nothing in them. */
export function empty(form: Form, mount: string): Group {
  const start: Group = {}
  for (const f of form.fields) {
    if (f.kind === 'LIST') start[f.name] = []
    else if (f.kind === 'TEXT_OR_NONE') start[f.name] = ''
    else if (f.kind === 'DRIVE')
      start[f.name] = empty(
        f.fields.find((d) => d.name === mount)!,
        mount,
      )
    else if (f.kind === 'GROUP' && !f.optional) start[f.name] = empty(f, mount)
  }
  return form.name === mount && mount !== '' ? { mount, ...start } : start
}

/** A sister's sheet to change: it has a code of its own, and its variants stay with the first. */
export function copied(sheet: Json): Group {
  const copy: Group = { ...group(sheet), code: '' }
  delete copy.variants
  delete copy.take
  return copy
}

/** Which of the drives it is; empty where it is none. */
export function mountOf(value: Json | undefined): string {
  const { mount } = group(value)
  return typeof mount === 'string' ? mount : ''
}
