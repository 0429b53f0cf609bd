import { isGroup, said, type Json } from './json'

/** A sheet's facts as fields, group within group; a list's entries can be doubled and struck out. */
export function Facts({
  value,
  mayEdit,
  onChange,
  path = '',
}: {
  value: Json
  mayEdit: boolean
  onChange: (v: Json) => void
  path?: string
}) {
  if (Array.isArray(value)) {
    return (
      <div>
        {value.map((one, i) => {
          const set = (v: Json) => onChange(value.map((o, j) => (j === i ? v : o)))
          const tools = mayEdit && (
            <span className="ml-2 inline-flex gap-1 text-[12px]">
              <button
                type="button"
                aria-label={`Double entry ${i + 1} of ${path}`}
                onClick={() => onChange([...value.slice(0, i + 1), structuredClone(one), ...value.slice(i + 1)])}
                className="border border-soft/50 px-1.5 hover:bg-ink hover:text-paper"
              >
                + another
              </button>
              <button
                type="button"
                aria-label={`Strike out entry ${i + 1} of ${path}`}
                onClick={() => onChange(value.filter((_, j) => j !== i))}
                className="border border-soft/50 px-1.5 hover:bg-ink hover:text-paper"
              >
                strike out
              </button>
            </span>
          )
          return isGroup(one) ? (
            <details key={i} className="border-b border-line py-1">
              <summary className="cursor-pointer text-[13.5px]">
                {heading(one, i)} {tools}
              </summary>
              <Facts value={one} mayEdit={mayEdit} onChange={set} path={`${path} ${i + 1}`} />
            </details>
          ) : (
            <span key={i} className="mr-4 inline-flex items-center">
              <Leaf label={`${path} ${i + 1}`} value={one} mayEdit={mayEdit} onChange={set} /> {tools}
            </span>
          )
        })}
        {value.length === 0 && <span className="text-[12.5px] text-soft">none</span>}
      </div>
    )
  }
  if (!isGroup(value)) return <Leaf label={path} value={value} mayEdit={mayEdit} onChange={onChange} />
  const entries = Object.entries(value)
  const set = (key: string) => (v: Json) => onChange({ ...value, [key]: v })
  return (
    <div className="pl-3">
      <div className="grid grid-cols-2 gap-x-8">
        {entries
          .filter(([, v]) => !isGroup(v))
          .map(([key, v]) => (
            <label key={key} className="flex min-h-9 items-center gap-3 border-b border-line/70 text-[13.5px]">
              <span className="flex-1">{said(key)}</span>
              <Leaf label={`${path} ${said(key)}`} value={v} mayEdit={mayEdit} onChange={set(key)} />
            </label>
          ))}
      </div>
      {entries
        .filter(([, v]) => isGroup(v))
        .map(([key, v]) => (
          <details key={key} open={path === '' && key === 'drive'} className="mt-1.5">
            <summary className="cursor-pointer border-b border-ink/60 py-1 font-bold [font-stretch:84%]">
              {said(key)} {Array.isArray(v) && <span className="figure font-normal text-soft">{v.length}</span>}
            </summary>
            <div className="py-1">
              <Facts value={v} mayEdit={mayEdit} onChange={set(key)} path={path === '' ? said(key) : `${path} ${said(key)}`} />
            </div>
          </details>
        ))}
    </div>
  )
}

function heading(value: Json[] | { [key: string]: Json }, i: number): string {
  if (Array.isArray(value)) return String(i + 1)
  const name = value.name ?? value.code ?? value.kind ?? value.meaning ?? Object.values(value).find((v) => typeof v === 'string')
  return typeof name === 'string' ? name : String(i + 1)
}

function Leaf({ label, value, mayEdit, onChange }: { label: string; value: Json; mayEdit: boolean; onChange: (v: Json) => void }) {
  if (typeof value === 'boolean')
    return (
      <input
        type="checkbox"
        aria-label={label}
        checked={value}
        disabled={!mayEdit}
        onChange={(e) => onChange(e.target.checked)}
        className="size-4 accent-petrol"
      />
    )
  const number = typeof value === 'number'
  return (
    <input
      aria-label={label}
      value={typeof value === 'string' || number ? value : ''}
      readOnly={!mayEdit}
      onChange={(e) =>
        onChange(number && e.target.value !== '' && Number.isFinite(Number(e.target.value)) ? Number(e.target.value) : e.target.value)
      }
      className="figure h-8 w-[170px] border-b border-soft/50 bg-transparent px-1.5 font-semibold focus:bg-paint-pale"
    />
  )
}
