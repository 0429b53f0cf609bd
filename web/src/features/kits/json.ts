export type Json = string | number | boolean | null | Json[] | { [key: string]: Json }

/** The value a text means; nothing while it is no JSON. */
export function read(text: string): Json | undefined {
  try {
    return JSON.parse(text) as Json
  } catch {
    return undefined
  }
}

export function written(value: Json): string {
  return JSON.stringify(value, null, 1) + '\n'
}

export function isGroup(value: Json): value is Json[] | { [key: string]: Json } {
  return typeof value === 'object' && value !== null
}
