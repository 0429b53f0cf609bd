import { useSyncExternalStore } from 'react'

export type Units = 'metric' | 'imperial'

const KEY = 'yard.units'
const listeners = new Set<() => void>()

/** What this device has chosen. */
export function units(): Units {
  return localStorage.getItem(KEY) === 'imperial' ? 'imperial' : 'metric'
}

export function setUnits(units: Units) {
  localStorage.setItem(KEY, units)
  listeners.forEach((tell) => tell())
}

/** Calls back whenever somebody chooses other units; answers what ends it. */
export function onUnits(tell: () => void): () => void {
  listeners.add(tell)
  return () => listeners.delete(tell)
}

export function useUnits(): Units {
  return useSyncExternalStore(onUnits, units)
}

/** A computed length, with no digit that nobody measured: 73 mm or 2.874 in. */
export function length(micrometres: number, units: Units): string {
  if (units === 'imperial') return `${(micrometres / 25_400).toFixed(3)} in`
  return `${micrometres / 1000} mm`
}

/** What the server says in both units, in the one of whoever reads. */
export function inUnits<T>(units: Units, metric: T, inches: T): T {
  return units === 'imperial' ? inches : metric
}

/** Minutes as one says them: 45 min, 2 h 10. */
export function minutes(n: number): string {
  if (n < 60) return `${n} min`
  const rest = n % 60
  return rest === 0 ? `${Math.floor(n / 60)} h` : `${Math.floor(n / 60)} h ${String(rest).padStart(2, '0')}`
}

/** How long ago, from the server's own clock. */
export function since(instant: string, now: string): string {
  return minutes(Math.max(0, Math.round((Date.parse(now) - Date.parse(instant)) / 60_000)))
}

let zone: string | undefined

/** Where the shop stands: hours and days are told by its clock, wherever the screen is. */
export function setZone(shop: string) {
  zone = shop
}

/** The day it is at the shop, as 2026-11-30. */
export function today(): string {
  return new Intl.DateTimeFormat('en-CA', { ...(zone && { timeZone: zone }), year: 'numeric', month: '2-digit', day: '2-digit' }).format(
    new Date(),
  )
}

const THIS_WEEK = 6 * 24 * 3_600_000

/** A moment: by its weekday while no other such day lies between, else by its date. */
export function clock(instant: string): string {
  const at = new Date(instant)
  const now = new Date()
  const time = { hour: '2-digit', minute: '2-digit', ...(zone && { timeZone: zone }) } as const
  if (Math.abs(now.getTime() - at.getTime()) < THIS_WEEK) return at.toLocaleString('en-GB', { weekday: 'short', ...time })
  return at.toLocaleString('en-GB', {
    day: 'numeric',
    month: 'short',
    ...(at.getFullYear() !== now.getFullYear() && { year: 'numeric' }),
    ...time,
  })
}

/** A moment by its date, however near: 30 Nov, 14:05. */
export function moment(instant: string): string {
  return new Date(instant).toLocaleString('en-GB', {
    day: 'numeric',
    month: 'short',
    hour: '2-digit',
    minute: '2-digit',
    ...(zone && { timeZone: zone }),
  })
}

/** The day of a moment that may be years off: 3 Jan 2028. */
export function dayOf(instant: string): string {
  return new Date(instant).toLocaleDateString('en-GB', { day: 'numeric', month: 'short', year: 'numeric', ...(zone && { timeZone: zone }) })
}

export function day(date: string): string {
  return new Date(`${date}T12:00:00`).toLocaleDateString('en-GB', { weekday: 'short', day: 'numeric' })
}

/** A day that may be weeks off: Wed 9 Dec. */
export function date(on: string): string {
  return new Date(`${on}T12:00:00`).toLocaleDateString('en-GB', { weekday: 'short', day: 'numeric', month: 'short' })
}

/** What somebody typed, ended as a sentence is. */
export function asSentence(text: string): string {
  return /[.!?]$/.test(text.trim()) ? text.trim() : `${text.trim()}.`
}
