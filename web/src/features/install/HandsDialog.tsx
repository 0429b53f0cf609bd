import { useState } from 'react'
import type { Schemas } from '../../api/client'
import { Button } from '../../ui/Button'
import { cx } from '../../ui/cx'
import { Dialog } from '../../ui/Dialog'
import { NewPin } from '../session/AccountDialogs'
import { useHands, useSession, useTakeOver } from '../session/useSession'
import { Keypad } from './Keypad'

/** Another pair of hands at this tablet: a name and a PIN. */
export function HandsDialog({ onClose }: { onClose: () => void }) {
  const who = useSession().data?.who
  const hands = useHands().data?.hands ?? []
  const [username, setUsername] = useState('')
  const [pin, setPin] = useState('')
  const [choosing, setChoosing] = useState(false)
  const change = useTakeOver()
  const go = () =>
    change.mutate(
      { username, pin },
      {
        onSuccess: onClose,
        onError: () => setPin(''),
      },
    )
  return (
    <Dialog
      open
      onClose={onClose}
      title="Who is working?"
      hint={`Now: ${who?.displayName ?? 'nobody'}. What is tapped from here on stands under the new name.`}
    >
      {choosing ? (
        <NewPin onClose={() => setChoosing(false)} />
      ) : (
        <>
          <div className="grid grid-cols-3 gap-2">
            {hands
              .filter((h) => h.username !== who?.username)
              .map((h) => (
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
                go()
              }}
            >
              <input
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
              {change.error && (
                <p role="alert" className="mt-2 bg-paper px-3 py-2 text-[14px] font-semibold text-vermilion">
                  {change.error.message}
                </p>
              )}
              <Button type="submit" disabled={pin.length < 4 || change.isPending} className="mt-2 min-h-12 w-full">
                Take over
              </Button>
            </form>
          )}
          <div className="mt-4 flex justify-between">
            <Button look="quiet" onClick={onClose} className="min-h-12">
              Cancel
            </Button>
            <button type="button" onClick={() => setChoosing(true)} className="min-h-12 text-[14px] underline underline-offset-2">
              my own PIN…
            </button>
          </div>
        </>
      )}
    </Dialog>
  )
}

function Hand({ hand, on, onPick }: { hand: Schemas['Hand']; on: boolean; onPick: () => void }) {
  return (
    <button
      type="button"
      disabled={!hand.pin}
      onClick={onPick}
      className={cx('min-h-14 border border-ink/60 px-2 font-bold disabled:opacity-45', on ? 'bg-paint' : 'bg-paper')}
    >
      {hand.displayName}
      {!hand.pin && <span className="block text-[11.5px] font-normal">no PIN yet</span>}
    </button>
  )
}
