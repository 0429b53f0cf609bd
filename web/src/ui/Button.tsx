import type { ButtonHTMLAttributes } from 'react'
import { cx } from './cx'

type Look = 'act' | 'quiet' | 'danger'

const LOOKS: Record<Look, string> = {
  act: 'bg-petrol text-paper hover:bg-petrol-deep disabled:bg-[#7f8f8a] disabled:text-paper',
  quiet: 'border border-ink/70 bg-transparent text-ink hover:bg-ink/5 disabled:border-pencil disabled:text-soft',
  danger: 'bg-vermilion text-paper hover:brightness-90 disabled:bg-[#7f8f8a] disabled:brightness-100',
}

/** A button. `hotkey` is shown only; who uses it binds the key. */
export function Button({
  look = 'act',
  hotkey,
  className,
  children,
  ...rest
}: ButtonHTMLAttributes<HTMLButtonElement> & { look?: Look; hotkey?: string }) {
  return (
    <button
      type="button"
      {...rest}
      className={cx('inline-flex min-h-10 items-center justify-center gap-2 px-4 py-2 text-[14px] font-semibold', LOOKS[look], className)}
    >
      {children}
      {hotkey && <kbd className="border border-current/50 px-1.5 figure text-[11px] leading-4 opacity-85">{hotkey}</kbd>}
    </button>
  )
}
