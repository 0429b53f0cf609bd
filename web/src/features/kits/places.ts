/** Where a field of a sheet is: as JSON pointer, and as the id of what is looked at. */
export function pointer(path: string[]): string {
  return path.map((p) => `/${p.replaceAll('~', '~0').replaceAll('/', '~1')}`).join('')
}

export function fieldId(path: string[]): string {
  return `sheet${path.map((p) => `-${p}`).join('')}`
}

/** Goes to a field, opening what it lies in. */
export function goTo(place: string) {
  const field = document.getElementById(`sheet${place.replaceAll('/', '-')}`)
  for (let up: HTMLElement | null = field; up; up = up.parentElement) if (up instanceof HTMLDetailsElement) up.open = true
  field?.scrollIntoView({ block: 'center' })
  field?.focus({ preventScroll: true })
}
