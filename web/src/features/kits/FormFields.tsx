import { createContext, useContext, useState, type ReactNode } from 'react'
import { cx } from '../../ui/cx'
import { DriveDrawing } from './Drawing'
import { fieldId, pointer } from './places'
import { amount, ends, fieldsOf, group, isGrouped, minor, mountOf, number, quantity, range, withField, type Form } from './form'
import type { Json } from './json'

interface Told {
  mayEdit: boolean
  /** What stands at a place and may not, by JSON pointer. */
  faults: Map<string, string>
  /** Places that are wanted and have nothing yet. */
  missing: Set<string>
  /** A sheet that is here already keeps its code. */
  keepsCode: boolean
}

const Telling = createContext<Told>({ mayEdit: false, faults: new Map(), missing: new Set(), keepsCode: true })

/** What is said about a sheet while it is filled in: told to every field below. */
export function FormTelling({ told, children }: { told: Told; children: ReactNode }) {
  return <Telling.Provider value={told}>{children}</Telling.Provider>
}

interface Part {
  form: Form
  value: Json | undefined
  path: string[]
  onChange: (v: Json | undefined) => void
}

/** The figures of a group in two columns, then its groups and lists, each under its own head. */
export function FormFields({ form, value, path, onChange }: Part) {
  const fields = fieldsOf(form, value)
  const plain = fields.filter((f) => !isGrouped(f) && f.kind !== 'LIST')
  const set = (f: Form) => (v: Json | undefined) => onChange(withField(form, value, f.name, v))
  const of = (f: Form) => ({
    form: f,
    value: (value as { [key: string]: Json } | undefined)?.[f.name],
    path: [...path, f.name],
    onChange: set(f),
  })
  return (
    <>
      {plain.length > 0 && (
        <div className="grid grid-cols-2 gap-x-8">
          {plain.map((f) => (
            <Leaf key={f.name} {...of(f)} />
          ))}
        </div>
      )}
      {fields
        .filter((f) => !plain.includes(f))
        .map((f) => (f.kind === 'LIST' ? <ListPart key={f.name} {...of(f)} /> : <GroupPart key={f.name} {...of(f)} />))}
    </>
  )
}

function useMissingIn(path: string[]): number {
  const here = pointer(path)
  return [...useContext(Telling).missing].filter((m) => m === here || m.startsWith(`${here}/`)).length
}

function Head({ form, path, children }: { form: Form; path: string[]; children?: ReactNode }) {
  const missing = useMissingIn(path)
  return (
    <summary className="flex min-h-9 cursor-pointer items-baseline gap-2 border-b-2 border-ink/70 pt-1 text-[15px] font-bold [font-stretch:84%]">
      {form.title}
      <span className="text-[12.5px] font-normal text-soft [font-stretch:100%]">{form.what}</span>
      {missing > 0 && (
        <span className="ml-auto bg-paint-pale px-1.5 text-[12.5px] font-semibold whitespace-nowrap">{missing} to fill in</span>
      )}
      {children}
    </summary>
  )
}

function GroupPart({ form, value, path, onChange }: Part) {
  const { mayEdit } = useContext(Telling)
  const mount = mountOf(value)
  // Only to begin with: what somebody is filling in does not close on them.
  const [open] = useState(path.length === 1 || Object.keys(group(value)).length < fieldsOf(form, value).filter((f) => !f.optional).length)
  if (form.optional && value === undefined) {
    return (
      <p id={fieldId(path)} tabIndex={-1} className="flex min-h-9 items-baseline gap-2 border-b border-line text-[13.5px]">
        <b className="[font-stretch:84%]">{form.title}</b>
        <span className="flex-1 text-[12.5px] text-soft">left out. {form.what}</span>
        {mayEdit && (
          <button type="button" className="min-h-8 font-semibold text-petrol underline" onClick={() => onChange({})}>
            Add {form.title.toLowerCase()}
          </button>
        )}
      </p>
    )
  }
  return (
    <details id={fieldId(path)} open={open} className="mt-3">
      <Head form={form} path={path} />
      <div className={cx('pt-1', path.length > 1 && 'border-l-4 border-line pl-3')}>
        {form.kind === 'DRIVE' && <DriveDrawing mount={mount} />}
        <FormFields form={form} value={value} path={path} onChange={onChange} />
        {mayEdit && form.optional && (
          <button type="button" className="min-h-8 text-[12.5px] text-petrol underline" onClick={() => onChange(undefined)}>
            Leave out {form.title.toLowerCase()}
          </button>
        )}
      </div>
    </details>
  )
}

function ListPart({ form, value, path, onChange }: Part) {
  const { mayEdit, faults } = useContext(Telling)
  const list = Array.isArray(value) ? value : []
  const [open] = useState(list.length < 8)
  const one = form.fields[0]!
  const put = (i: number) => (v: Json | undefined) => onChange(list.map((o, j) => (j === i ? (v ?? '') : o)))
  const take = (i: number) => onChange(list.filter((_, j) => j !== i))
  const tools = (i: number) =>
    mayEdit && (
      <span className="flex gap-3 text-[12.5px]">
        <button
          type="button"
          aria-label={`Another like it: ${form.title.toLowerCase()} ${i + 1}`}
          className="min-h-8 text-petrol underline"
          onClick={() => onChange([...list.slice(0, i + 1), structuredClone(list[i]!), ...list.slice(i + 1)])}
        >
          Another like it
        </button>
        <button
          type="button"
          aria-label={`Remove ${form.title.toLowerCase()} ${i + 1}`}
          className="min-h-8 text-petrol underline"
          onClick={() => take(i)}
        >
          Remove
        </button>
      </span>
    )
  const fault = faults.get(pointer(path))
  return (
    <details id={fieldId(path)} open={open} className="mt-3">
      <Head form={form} path={path}>
        <span className="figure text-[12.5px] font-normal text-soft">{list.length}</span>
      </Head>
      {fault && <Fault text={fault} />}
      {list.map((entry, i) => {
        const at = [...path, String(i)]
        return isGrouped(one) ? (
          <div key={i} className="border-b border-line py-1">
            <p className="flex items-center justify-between gap-2 text-[13.5px] font-semibold">
              {called(entry) || `${form.title} ${i + 1}`} {tools(i)}
            </p>
            <div className="border-l-4 border-line pl-3">
              <FormFields form={one} value={entry} path={at} onChange={put(i)} />
            </div>
          </div>
        ) : (
          <div key={i} className="flex items-center gap-3 border-b border-line text-[13.5px]">
            <span className="w-8 text-soft">{i + 1}</span>
            <Input form={one} value={entry} path={at} onChange={put(i)} label={`${form.title} ${i + 1}`} />
            {tools(i)}
            {faults.get(pointer(at)) && <Fault text={faults.get(pointer(at))!} />}
          </div>
        )
      })}
      {mayEdit && (
        <button
          type="button"
          className="mt-1 min-h-9 text-[13.5px] font-semibold text-petrol underline"
          aria-label={`Add one: ${form.title.toLowerCase()}`}
          onClick={() => onChange([...list, isGrouped(one) ? {} : ''])}
        >
          Add one
        </button>
      )}
    </details>
  )
}

function called(entry: Json): string {
  if (typeof entry !== 'object' || entry === null || Array.isArray(entry)) return ''
  const name = entry.name ?? entry.meaning
  return typeof name === 'string' ? name : ''
}

function Fault({ text }: { text: string }) {
  return (
    <p role="alert" className="text-[12.5px] font-semibold text-vermilion">
      {text}
    </p>
  )
}

/** A figure: what it is called, its letter on the drawing, its field with unit, what it is. What it is for is told elsewhere, so that nothing moves under a click. */
function Leaf({ form, value, path, onChange }: Part) {
  const { faults, missing } = useContext(Telling)
  const here = pointer(path)
  const fault = faults.get(here)
  const open = missing.has(here)
  return (
    <div
      data-title={form.title}
      data-uses={form.uses.join(', ').toLowerCase()}
      className={cx('border-b border-line/80 py-0.5', open && 'border-l-[5px] border-l-paint pl-2')}
    >
      <div className="flex min-h-9 items-center gap-2 text-[13.5px]">
        {form.letter && (
          <b
            aria-hidden="true"
            className="figure grid size-[20px] shrink-0 place-items-center rounded-full bg-ink text-[11.5px] text-paper"
          >
            {form.letter}
          </b>
        )}
        <span className="min-w-0 flex-1 leading-tight">
          {form.title}
          {form.optional && form.kind !== 'CHOICE' && <span className="text-soft"> (may be left out)</span>}
        </span>
        <Input form={form} value={value} path={path} onChange={onChange} label={form.title} fault={fault} />
      </div>
      <p id={`${fieldId(path)}-what`} className="pb-0.5 text-[12px] leading-snug text-soft">
        {form.what}
      </p>
      {fault && <Fault text={fault} />}
    </div>
  )
}

const FIELD = 'h-9 border bg-transparent px-1.5 font-semibold focus:bg-paint-pale read-only:border-transparent'

function Input({ form, value, path, onChange, label, fault }: Part & { label: string; fault?: string }) {
  const told = useContext(Telling)
  const mayEdit = told.mayEdit && !(told.keepsCode && pointer(path) === '/code')
  const common = {
    id: fieldId(path),
    'aria-label': label,
    'aria-describedby': `${fieldId(path)}-what`,
    'aria-invalid': fault ? true : undefined,
    readOnly: !mayEdit,
  }
  const edge = fault ? 'border-2 border-vermilion' : 'border-soft/60'
  const unit = form.unit !== '' && <span className="w-[46px] text-[12.5px] text-soft">{form.unit}</span>
  switch (form.kind) {
    case 'YES_NO':
      return (
        <span role="radiogroup" aria-label={label} className="flex" id={fieldId(path)} tabIndex={-1}>
          {[true, false].map((is) => (
            <button
              key={String(is)}
              type="button"
              role="radio"
              aria-checked={value === is}
              disabled={!mayEdit}
              onClick={() => onChange(value === is && form.optional ? undefined : is)}
              className={cx('min-h-9 min-w-12 border px-2', edge, value === is ? 'bg-ink font-semibold text-paper' : 'hover:bg-ink/10')}
            >
              {is ? 'yes' : 'no'}
            </button>
          ))}
        </span>
      )
    case 'CHOICE':
      return (
        <select
          {...common}
          disabled={!mayEdit}
          value={typeof value === 'string' ? value : ''}
          onChange={(e) => onChange(e.target.value === '' ? undefined : e.target.value)}
          className={cx('h-9 max-w-[210px] border bg-paper px-1.5 font-semibold', edge)}
        >
          <option value="">{form.optional ? 'left out' : 'choose'}</option>
          {form.choices.map((c) => (
            <option key={c.value} value={c.value}>
              {c.label}
            </option>
          ))}
        </select>
      )
    case 'RANGE': {
      const [from, to] = ends(value, form.unit)
      return (
        <span className="flex items-center gap-1">
          <input
            {...common}
            aria-label={`${label}, from`}
            inputMode="decimal"
            value={from}
            onChange={(e) => onChange(range(e.target.value, to === from ? '' : to, form.unit))}
            className={cx('figure w-[58px] text-right', FIELD, edge)}
          />
          <span aria-hidden="true">–</span>
          <RangeEnd label={`${label}, up to`} from={from} to={to} unit={form.unit} readOnly={!mayEdit} edge={edge} onChange={onChange} />
          {unit}
        </span>
      )
    }
    case 'QUANTITY':
      return (
        <span className="flex items-center gap-1">
          <input
            {...common}
            inputMode="decimal"
            value={amount(value, form.unit)}
            onChange={(e) => onChange(e.target.value === '' ? undefined : `${e.target.value} ${form.unit}`)}
            onBlur={(e) => mayEdit && onChange(quantity(e.target.value, form.unit))}
            className={cx('figure w-[84px] text-right', FIELD, edge)}
          />
          {unit}
        </span>
      )
    case 'MONEY':
      return <Money common={common} value={value} edge={edge} onChange={onChange} />
    case 'INTEGER':
    case 'NUMBER':
      return (
        <span className="flex items-center gap-1">
          <input
            {...common}
            inputMode="decimal"
            value={typeof value === 'number' || typeof value === 'string' ? value : ''}
            onChange={(e) => onChange(e.target.value === '' ? undefined : e.target.value)}
            onBlur={(e) => mayEdit && onChange(number(e.target.value))}
            className={cx('figure w-[84px] text-right', FIELD, edge)}
          />
          <span className="w-[46px] text-[12.5px] text-soft">{form.unit}</span>
        </span>
      )
    default:
      return (
        <input
          {...common}
          value={typeof value === 'string' ? value : ''}
          maxLength={120}
          onChange={(e) => onChange(e.target.value)}
          className={cx('w-[210px] min-w-0', FIELD, edge)}
        />
      )
  }
}

/** The far end of a range is empty while both are one; what is typed there stays typed until somebody leaves it. */
function RangeEnd({
  label,
  from,
  to,
  unit,
  readOnly,
  edge,
  onChange,
}: {
  label: string
  from: string
  to: string
  unit: string
  readOnly: boolean
  edge: string
  onChange: (v: Json | undefined) => void
}) {
  const [typed, setTyped] = useState<string>()
  return (
    <input
      aria-label={label}
      inputMode="decimal"
      readOnly={readOnly}
      value={typed ?? to}
      onChange={(e) => {
        setTyped(e.target.value)
        onChange(range(from, e.target.value, unit))
      }}
      onBlur={() => setTyped(undefined)}
      className={cx('figure w-[58px] text-right', FIELD, edge)}
    />
  )
}

function Money({
  common,
  value,
  edge,
  onChange,
}: {
  common: object
  value: Json | undefined
  edge: string
  onChange: (v: Json | undefined) => void
}) {
  const [typed, setTyped] = useState<string>()
  return (
    <span className="flex items-center gap-1">
      <input
        {...common}
        inputMode="decimal"
        value={typed ?? (typeof value === 'number' ? (value / 100).toFixed(2) : typeof value === 'string' ? value : '')}
        onChange={(e) => {
          setTyped(e.target.value)
          onChange(minor(e.target.value))
        }}
        onBlur={() => setTyped(undefined)}
        className={cx('figure w-[110px] text-right', FIELD, edge)}
      />
      <span className="w-[46px]" />
    </span>
  )
}
