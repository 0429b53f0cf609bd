import { cx } from '../../ui/cx'
import { faultAt, typed, type Mat } from './useBench'

/** A number with its unit, where one would measure it. */
export function Typed({
  label,
  unit,
  value,
  fault,
  origin,
  optional,
  wide,
  onChange,
}: {
  label: string
  unit: string
  value: string
  fault?: { allowed: string }
  /** Where the value comes from while nobody typed another. */
  origin?: string
  optional?: boolean
  /** Takes several numbers. */
  wide?: boolean
  onChange: (value: string) => void
}) {
  const bad = fault !== undefined || (value.trim() === '' ? !optional : !wide && typed(value) === undefined)
  return (
    <label className={cx('block', wide ? 'w-[330px]' : 'w-[148px]')}>
      <span className="label text-[14px]">{label}</span>
      <span className="mt-0.5 flex items-baseline gap-2">
        <input
          inputMode={wide ? 'text' : 'decimal'}
          value={value}
          aria-invalid={bad ? true : undefined}
          onChange={(e) => onChange(e.target.value)}
          className={cx(
            'h-10 border bg-paper px-2.5 figure text-[16px]',
            wide ? 'w-[270px]' : 'w-[82px]',
            bad ? 'border-2 border-vermilion' : 'border-soft/60',
          )}
        />
        {unit}
      </span>
      {fault ? (
        <span role="alert" className="block text-[12.5px] font-semibold text-vermilion">
          {fault.allowed}
        </span>
      ) : (
        origin && <span className="block text-[12.5px] leading-tight text-soft">{origin}</span>
      )}
    </label>
  )
}

/** A field of a mat. */
export function MatField({
  mat,
  field,
  label,
  unit,
  error,
  optional,
  wide,
}: {
  mat: Mat
  field: string
  label: string
  unit: string
  error: Error | null
  optional?: boolean
  wide?: boolean
}) {
  return (
    <Typed
      label={label}
      unit={unit}
      value={mat.text(field)}
      fault={faultAt(error, field.split('.').pop() ?? field)}
      origin={mat.origin(field)}
      optional={optional}
      wide={wide}
      onChange={mat.set(field)}
    />
  )
}

/** One of a few. */
export function Pick<T extends string>({
  label,
  options,
  value,
  onChange,
}: {
  label: string
  options: readonly (readonly [T, string])[]
  value: T
  onChange: (value: T) => void
}) {
  return (
    <fieldset>
      <legend className="label text-[14px]">{label}</legend>
      <div className="mt-0.5 flex border border-ink">
        {options.map(([key, name]) => (
          <button
            key={key}
            type="button"
            aria-pressed={value === key}
            onClick={() => onChange(key)}
            className={cx('h-9.5 px-3 font-semibold', value === key ? 'bg-ink text-paper' : 'bg-paper hover:bg-ink/10')}
          >
            {name}
          </button>
        ))}
      </div>
    </fieldset>
  )
}
