import { useState } from 'react'
import { Link, useNavigate } from 'react-router'
import { Mark } from '../../app/Mark'
import { Button } from '../../ui/Button'
import { Field } from '../../ui/Field'
import { useSession } from '../session/useSession'
import { usePair } from './useTablets'

/** At a tablet that is to hang on the wall: a manager’s code makes it known to the shop. */
export function PairPage() {
  const session = useSession().data
  const [code, setCode] = useState('')
  const pair = usePair()
  const navigate = useNavigate()
  const wrong = pair.error?.status === 422
  return (
    <div className="min-h-screen bg-floor">
      <header className="flex h-[50px] items-center gap-3 bg-ink px-6 text-[17px] font-bold text-paper [font-stretch:88%]">
        <Mark /> Hinge Yard
      </header>
      <form
        noValidate
        className="mx-auto mt-10 grid max-w-[460px] gap-4 px-6"
        onSubmit={(e) => {
          e.preventDefault()
          pair.mutate(code, { onSuccess: () => void navigate('/') })
        }}
      >
        <div>
          {session?.shop.name && <p className="text-[15px] text-soft">{session.shop.name}</p>}
          <h1 className="text-[28px]">Pair this tablet</h1>
          <p className="text-[14px] text-soft">
            {session?.tablet
              ? `The shop knows it as “${session.tablet.name}”. A new code moves it to another stand.`
              : 'A service manager makes the code under Tablets. After that a PIN is enough to sign in here.'}
          </p>
        </div>
        <Field
          label="Code"
          placeholder="XXXX-XXXX-XXXX"
          autoFocus
          autoComplete="off"
          autoCapitalize="characters"
          className="[&_input]:h-14 [&_input]:figure [&_input]:text-[22px]"
          value={code}
          onChange={(e) => setCode(e.target.value)}
          fault={wrong ? 'Not possible: enter the code a manager made for this tablet. It works once, for an hour.' : pair.error?.message}
        />
        <div className="flex gap-3">
          <Button type="submit" disabled={pair.isPending} className="min-h-12">
            Pair tablet
          </Button>
          <Link to="/" className="inline-flex min-h-12 items-center border border-ink/70 px-4 text-[14px] font-semibold">
            Cancel
          </Link>
        </div>
      </form>
    </div>
  )
}
