import { useId, type InputHTMLAttributes, type ReactNode } from 'react'
import { cx } from './cx'

/** A labelled input with its fault beside it. */
export function Field({
  label,
  hint,
  fault,
  className,
  children,
  ...rest
}: InputHTMLAttributes<HTMLInputElement> & { label: string; hint?: string; fault?: string; children?: ReactNode }) {
  const id = useId()
  return (
    <div className={className}>
      <label htmlFor={id} className="label block text-[14px]">
        {label} {hint && <span className="font-normal text-soft">{hint}</span>}
      </label>
      <input
        id={id}
        aria-invalid={fault ? true : undefined}
        aria-describedby={fault ? `${id}-fault` : undefined}
        {...rest}
        className={cx('mt-0.5 h-10 w-full border bg-paper px-2.5 text-[15px]', fault ? 'border-2 border-vermilion' : 'border-soft/60')}
      />
      {children}
      {fault && (
        <p id={`${id}-fault`} role="alert" className="mt-1 text-[13px] font-semibold text-vermilion">
          {fault}
        </p>
      )}
    </div>
  )
}
