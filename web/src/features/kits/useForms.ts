import { useQuery } from '@tanstack/react-query'
import { answered, api } from '../../api/client'
import { fieldsOf, group, type Form } from './form'
import type { Json } from './json'

/** Every figure that a sheet asks for, with its words. */
export function useForms() {
  return useQuery({ queryKey: ['sheet-forms'], queryFn: () => answered(api.GET('/api/sheet-forms')), staleTime: Infinity })
}

/** What a place of a sheet is called, with the list's entry it lies in. */
export function titleAt(form: Form, value: Json | undefined, pointer: string): string {
  let here: Form | undefined = form
  let now = value
  let said = ''
  for (const step of pointer.split('/').slice(1)) {
    if (here?.kind === 'LIST') {
      said = `${here.title} ${Number(step) + 1}`
      here = here.fields[0]
      now = Array.isArray(now) ? now[Number(step)] : undefined
    } else {
      here = here && fieldsOf(here, now).find((f) => f.name === step)
      now = group(now)[step]
      if (here) said = here.title
    }
  }
  return said || pointer
}
