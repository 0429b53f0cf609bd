import { useState } from 'react'
import { Link, useNavigate } from 'react-router'
import type { ProblemError } from '../../api/client'
import { Mark } from '../../app/Mark'
import { Button } from '../../ui/Button'
import { Field } from '../../ui/Field'
import { useComeByCode, useSession } from './useSession'

/** Somebody new, or who forgot their password: it is chosen with a code that counts once. */
export function CodePage() {
  const shop = useSession().data?.shop
  const [given, setGiven] = useState({ username: '', code: '', fresh: '', pin: '' })
  const come = useComeByCode()
  const navigate = useNavigate()
  const field = (name: keyof typeof given) => ({
    value: given[name],
    onChange: (e: { target: { value: string } }) => setGiven({ ...given, [name]: e.target.value }),
    fault: fault(come.error, name),
  })
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
          const { pin, ...rest } = given
          come.mutate({ ...rest, ...(pin.trim() === '' ? {} : { pin }) }, { onSuccess: () => void navigate('/') })
        }}
      >
        <div>
          {shop?.name && <p className="text-[15px] text-soft">{shop.name}</p>}
          <h1 className="text-[28px]">Choose your password</h1>
          <p className="text-[14px] text-soft">With the code a service manager gave you. It counts once, and not for long.</p>
        </div>
        <Field label="Name you sign in with" autoFocus autoComplete="username" autoCapitalize="none" {...field('username')} />
        <Field label="Code" placeholder="XXXX-XXXX-XXXX" autoComplete="off" {...field('code')} />
        <Field
          label="New password"
          hint="at least 12 signs; four words do"
          type="password"
          autoComplete="new-password"
          {...field('fresh')}
        />
        <Field
          label="PIN"
          hint="four to eight digits, for taking a tablet over; may wait"
          type="password"
          inputMode="numeric"
          autoComplete="off"
          {...field('pin')}
        />
        {come.error && come.error.status !== 422 && (
          <p role="alert" className="font-semibold text-vermilion">
            {come.error.message}
          </p>
        )}
        <div className="flex gap-3">
          <Button type="submit" disabled={come.isPending} className="min-h-12">
            Save and sign in
          </Button>
          <Link to="/" className="inline-flex min-h-12 items-center border border-ink/70 px-4 text-[14px] font-semibold">
            Cancel
          </Link>
        </div>
      </form>
    </div>
  )
}

/** What was typed is never shown again, not in a fault either. */
function fault(error: ProblemError | null, name: string) {
  const found = error?.status === 422 ? error.faults.find((f) => f.field === name) : undefined
  return found && `${found.given === '' ? 'Missing' : 'Not possible'}: ${found.allowed}.`
}
