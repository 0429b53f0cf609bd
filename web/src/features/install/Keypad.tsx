import { cx } from '../../ui/cx'

const KEYS = ['7', '8', '9', '4', '5', '6', '1', '2', '3', '.', '0', '⌫']

/** Big keys for a reading. */
export function Keypad({ value, onChange, whole }: { value: string; onChange: (value: string) => void; whole?: boolean }) {
  const press = (key: string) => {
    if (key === '⌫') onChange(value.slice(0, -1))
    else if (key === '.' ? !value.includes('.') : value.length < 7) onChange(value + key)
  }
  return (
    <div className="grid grid-cols-3 gap-1.5">
      {KEYS.map((k) =>
        whole && k === '.' ? (
          <span key={k} />
        ) : (
          <button
            key={k}
            type="button"
            aria-label={k === '⌫' ? 'delete' : k}
            onClick={() => press(k)}
            className={cx('h-[50px] bg-night-panel text-[22px] font-semibold text-night-text active:bg-paint active:text-ink')}
          >
            {k}
          </button>
        ),
      )}
    </div>
  )
}
