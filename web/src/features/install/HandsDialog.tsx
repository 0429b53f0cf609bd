import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { keep } from '../../api/kept'
import { answered, api, type Schemas } from '../../api/client'
import { useCommand } from '../../api/useCommand'
import { Button } from '../../ui/Button'
import { cx } from '../../ui/cx'
import { Dialog } from '../../ui/Dialog'
import { Field } from '../../ui/Field'
import { useSession } from '../session/useSession'
import { Keypad } from './Keypad'

/** Another pair of hands at this tablet: a name and a number. */
export function HandsDialog({ onClose }: { onClose: () => void }) {
  const queries = useQueryClient()
  const who = useSession().data?.who
  const hands = useQuery({ queryKey: ['hands'], queryFn: () => answered(api.GET('/api/session/hands')) }).data?.hands ?? []
  const [username, setUsername] = useState('')
  const [pin, setPin] = useState('')
  const [choosing, setChoosing] = useState(false)
  const change = useCommand(
    (given: { username: string; pin: string }) =>
      answered(api.POST('/api/session/switch', { body: given })).then((now) => (keep('session', now), now)),
    { answers: () => ['session'], quiet: true },
  )
  const go = () =>
    change.mutate(
      { username, pin },
      {
        onSuccess: () => {
          void queries.invalidateQueries()
          onClose()
        },
        onError: () => setPin(''),
      },
    )
  return (
    <Dialog
      open
      onClose={onClose}
      title="Whose hands?"
      hint={`Now: ${who?.displayName ?? 'nobody'}. What is tapped from here on stands under the new name.`}
    >
      {choosing ? (
        <ChoosePin onDone={() => setChoosing(false)} />
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
                aria-label="Number"
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
              Leave it
            </Button>
            <button type="button" onClick={() => setChoosing(true)} className="min-h-12 text-[14px] underline underline-offset-2">
              my own number…
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
      {!hand.pin && <span className="block text-[11.5px] font-normal">no number yet</span>}
    </button>
  )
}

function ChoosePin({ onDone }: { onDone: () => void }) {
  const [password, setPassword] = useState('')
  const [pin, setPin] = useState('')
  const choose = useCommand((given: { password: string; pin: string }) => answered(api.PUT('/api/session/pin', { body: given })), {
    quiet: true,
  })
  return (
    <form
      className="grid gap-3"
      onSubmit={(e) => {
        e.preventDefault()
        choose.mutate({ password, pin }, { onSuccess: onDone })
      }}
    >
      <Field
        label="Your password"
        type="password"
        autoComplete="current-password"
        value={password}
        onChange={(e) => setPassword(e.target.value)}
      />
      <Field
        label="Your number"
        hint="four to eight digits"
        type="password"
        inputMode="numeric"
        autoComplete="off"
        value={pin}
        onChange={(e) => setPin(e.target.value)}
        fault={choose.error?.message}
      />
      <div className="flex gap-2">
        <Button type="submit" disabled={pin.length < 4 || password === ''} className="min-h-12">
          Keep it
        </Button>
        <Button look="quiet" onClick={onDone} className="min-h-12">
          Back
        </Button>
      </div>
    </form>
  )
}
