import { cx } from '../../ui/cx'
import { typed } from './useBench'

/** A number with its unit, where one would measure it. */
export function Typed({
  label,
  unit,
  value,
  fault,
  optional,
  onChange,
}: {
  label: string
  unit: string
  value: string
  fault?: { allowed: string }
  optional?: boolean
  onChange: (value: string) => void
}) {
  const bad = fault !== undefined || (value.trim() === '' ? !optional : typed(value) === undefined)
  return (
    <label className="block w-[190px]">
      <span className="label text-[14px]">{label}</span>
      <span className="mt-0.5 flex items-baseline gap-2">
        <input
          inputMode="decimal"
          value={value}
          aria-invalid={bad ? true : undefined}
          onChange={(e) => onChange(e.target.value)}
          className={cx('h-10 w-[104px] border bg-paper px-2.5 figure text-[16px]', bad ? 'border-2 border-vermilion' : 'border-soft/60')}
        />
        {unit}
      </span>
      {fault && (
        <span role="alert" className="block text-[12.5px] font-semibold text-vermilion">
          {fault.allowed}
        </span>
      )}
    </label>
  )
}
