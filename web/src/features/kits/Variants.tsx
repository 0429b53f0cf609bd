import { FormFields } from './FormFields'
import { at, group, leaves, merged, patched, type Form } from './form'
import type { Json } from './json'

interface Change {
  [key: string]: Json
  code: string
  change: Json
}

function changes(value: Json | undefined): Change[] {
  return (Array.isArray(value) ? value : []).map((v) => {
    const { code, change } = group(v)
    return { code: typeof code === 'string' ? code : '', change: change ?? {} }
  })
}

/** Sisters of a kit: each with a code of its own, and only what it has otherwise. */
export function Variants({
  form,
  sheet,
  mayEdit,
  onChange,
}: {
  form: Form
  sheet: Json
  mayEdit: boolean
  onChange: (variants: Json | undefined) => void
}) {
  const all = changes(group(sheet).variants)
  const put = (i: number, to: Change) => onChange(all.map((v, j) => ({ ...(j === i ? to : v) })))
  const base = { ...group(sheet) }
  delete base.variants
  delete base.take
  return (
    <details className="mt-3" open={all.length > 0 && all.length < 4} id="sheet-variants">
      <summary className="flex min-h-9 cursor-pointer items-baseline gap-2 border-b-2 border-ink/70 pt-1 text-[15px] font-bold [font-stretch:84%]">
        Variants
        <span className="text-[12.5px] font-normal text-soft [font-stretch:100%]">
          Sisters of this kit: each has a code of its own, and says only what is different.
        </span>
        <span className="figure text-[12.5px] font-normal text-soft">{all.length}</span>
      </summary>
      {all.map((variant, i) => (
        <Variant
          key={i}
          place={i}
          form={form}
          base={base}
          variant={variant}
          mayEdit={mayEdit}
          onChange={(to) => put(i, to)}
          onRemove={() => onChange(all.length === 1 ? undefined : all.filter((_, j) => j !== i))}
        />
      ))}
      {mayEdit && (
        <button
          type="button"
          className="mt-1 min-h-9 text-[13.5px] font-semibold text-petrol underline"
          onClick={() => onChange([...all, { code: '', change: {} }])}
        >
          Add a variant
        </button>
      )}
    </details>
  )
}

function Variant({
  place,
  form,
  base,
  variant,
  mayEdit,
  onChange,
  onRemove,
}: {
  place: number
  form: Form
  base: { [key: string]: Json }
  variant: Change
  mayEdit: boolean
  onChange: (to: Change) => void
  onRemove: () => void
}) {
  const whole = merged(base, variant.change)
  const known = leaves(form, whole).filter((l) => l.path[0] !== 'code')
  const different = known.filter((l) => at(variant.change, l.path) !== undefined)
  const set = (path: string[], to: Json | undefined) => onChange({ ...variant, change: patched(variant.change, path, to) ?? {} })
  const left = removed(variant.change)
  return (
    <div className="border-b border-line py-2">
      <div className="flex items-end gap-3 text-[13.5px]">
        <label className="flex items-center gap-2">
          Code
          <input
            aria-label={`Code of variant ${place + 1}`}
            value={variant.code}
            readOnly={!mayEdit}
            onChange={(e) => onChange({ ...variant, code: e.target.value })}
            className="figure h-9 w-[130px] border border-soft/60 bg-transparent px-1.5 font-semibold focus:bg-paint-pale"
          />
        </label>
        {mayEdit && (
          <>
            <label className="flex flex-1 items-center gap-2">
              Different in
              <select
                aria-label={`Variant ${place + 1} is different in`}
                value=""
                onChange={(e) => {
                  const leaf = known.find((l) => l.path.join('/') === e.target.value)
                  if (leaf) set(leaf.path, structuredClone(at(whole, leaf.path) ?? (leaf.form.kind === 'LIST' ? [] : '')))
                }}
                className="h-9 min-w-0 flex-1 border border-soft/60 bg-paper px-1.5"
              >
                <option value="">choose a figure</option>
                {known
                  .filter((l) => !different.includes(l))
                  .map((l) => (
                    <option key={l.path.join('/')} value={l.path.join('/')}>
                      {l.title}
                    </option>
                  ))}
              </select>
            </label>
            <button type="button" className="min-h-9 text-petrol underline" onClick={onRemove}>
              Remove variant {place + 1}
            </button>
          </>
        )}
      </div>
      {different.map((l) => {
        const parent = l.path.slice(0, -1)
        const name = l.path.at(-1)!
        return (
          <div key={l.path.join('/')} className="mt-1 border-l-4 border-paint pl-3">
            <p className="flex items-baseline gap-3 text-[12.5px] text-soft">
              {l.title}
              {mayEdit && (
                <button type="button" className="min-h-7 text-petrol underline" onClick={() => set(l.path, undefined)}>
                  as on the sheet
                </button>
              )}
            </p>
            <FormFields
              form={{ ...form, kind: 'GROUP', fields: [l.form] }}
              value={{ [name]: at(variant.change, l.path)! }}
              path={['variants', String(place), 'change', ...parent]}
              onChange={(v) => set(l.path, group(v)[name] ?? (l.form.optional ? null : ''))}
            />
          </div>
        )
      })}
      {left.map((path) => (
        <p key={path.join('/')} className="mt-1 border-l-4 border-paint pl-3 text-[13px]">
          Without {path.at(-1)}{' '}
          {mayEdit && (
            <button type="button" className="min-h-7 text-petrol underline" onClick={() => set(path, undefined)}>
              as on the sheet
            </button>
          )}
        </p>
      ))}
    </div>
  )
}

/** Places that a patch takes away. */
function removed(patch: Json, path: string[] = []): string[][] {
  return Object.entries(group(patch)).flatMap(([key, v]) => (v === null ? [[...path, key]] : removed(v, [...path, key])))
}
