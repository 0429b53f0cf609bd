import { useSyncExternalStore } from 'react'
import { useHotkeys, type HotkeyCallback, type Options } from 'react-hotkeys-hook'

const KEPT = 'yard.keys'
const listeners = new Set<() => void>()

const areOn = () => localStorage.getItem(KEPT) !== 'off'

/** Whether single keys act on this device: whoever speaks to it, or brushes against keys, switches them off. */
export function useKeysOn() {
  return useSyncExternalStore((tell) => {
    listeners.add(tell)
    return () => {
      listeners.delete(tell)
    }
  }, areOn)
}

export function setKeysOn(on: boolean) {
  if (on) localStorage.removeItem(KEPT)
  else localStorage.setItem(KEPT, 'off')
  listeners.forEach((tell) => tell())
}

/** A single letter, digit or sign that does something. It never types itself into a field that it brings up. */
export function useKeys(keys: string, act: HotkeyCallback, options: Options & { enabled?: boolean } = {}) {
  const on = useKeysOn()
  useHotkeys(keys, act, { preventDefault: true, ...options, enabled: on && (options.enabled ?? true) })
}
