import { useState } from 'react'
import type { ProblemError, Schemas } from '../../api/client'
import { Button } from '../../ui/Button'
import { cx } from '../../ui/cx'
import { Keypad } from '../install/Keypad'

/** Whose hands, and their PIN. */
export function PinPad({
  hands,
  act,
  busy,
  error,
  onGo,
}: {
  hands: Schemas['Hand'][]
  act: string
  busy: boolean
  error: ProblemError | null
  onGo: (given: { username: string; pin: string }, wrong: () => void) => void
}) {
  const [username, setUsername] = useState('')
  const [pin, setPin] = useState('')
  return (
    <>
      <div className="grid grid-cols-3 gap-2">
        {hands.map((h) => (
          <Hand
            key={h.username}
            hand={h}
            on={h.username === username}
            onPick={() => {
              setUsername(h.username)
              setPin('')
            }}
          />
        ))}
      </div>
      {username && (
        <form
          className="mt-3 bg-night p-3"
          onSubmit={(e) => {
            e.preventDefault()
            onGo({ username, pin }, () => setPin(''))
          }}
        >
          <input
            key={username}
            type="password"
            inputMode="numeric"
            autoComplete="off"
            aria-label="PIN"
            autoFocus
            value={pin}
            maxLength={8}
            onChange={(e) => setPin(e.target.value.replace(/\D/g, ''))}
            className="mb-2 h-12 w-full bg-paper px-3 text-center text-[26px] tracking-[0.4em] text-ink"
          />
          <Keypad whole value={pin} onChange={setPin} />
          {error && (
            <p role="alert" className="mt-2 bg-paper px-3 py-2 text-[14px] font-semibold text-vermilion">
              {error.message}
            </p>
          )}
          <Button type="submit" disabled={pin.length < 4 || busy} className="mt-2 min-h-12 w-full">
            {act}
          </Button>
        </form>
      )}
    </>
  )
}

function Hand({ hand, on, onPick }: { hand: Schemas['Hand']; on: boolean; onPick: () => void }) {
  return (
    <button
      type="button"
      disabled={!hand.pin}
      aria-pressed={on}
      onClick={onPick}
      className={cx('min-h-14 border border-ink/60 px-2 font-bold disabled:opacity-45', on ? 'bg-paint' : 'bg-paper')}
    >
      {hand.displayName}
      {!hand.pin && <span className="block text-[11.5px] font-normal">no PIN yet</span>}
    </button>
  )
}
