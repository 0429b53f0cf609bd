import { useState } from 'react'
import { Link, useNavigate } from 'react-router'
import type { Schemas } from '../../api/client'
import { DemoWord } from '../../app/DemoWord'
import { Mark } from '../../app/Mark'
import { Knuckle } from '../../drawing/Knuckle'
import { Button } from '../../ui/Button'
import { Field } from '../../ui/Field'
import { PinPad } from './PinPad'
import { usePins, useSession, useSignIn, useSignInByPin } from './useSession'

export function SignInPage() {
  const tablet = useSession().data?.tablet
  const [byPassword, setByPassword] = useState(false)
  return (
    <div className="grid min-h-screen grid-cols-[1fr_420px] bg-floor max-md:grid-cols-1">
      <Hinges />
      {tablet && !byPassword ? (
        <ByPin tablet={tablet} onPassword={() => setByPassword(true)} />
      ) : (
        <ByPassword known={tablet !== undefined} />
      )}
    </div>
  )
}

/** At a tablet the shop knows: whose hands, and their PIN. */
function ByPin({ tablet, onPassword }: { tablet: Schemas['TabletWord']; onPassword: () => void }) {
  const hands = usePins().data?.hands ?? []
  const signIn = useSignInByPin()
  const navigate = useNavigate()
  return (
    <div className="flex flex-col justify-center px-8 py-6">
      <p className="text-[15px] text-soft">{tablet.name}</p>
      <h1 className="mb-3 flex items-center gap-4 text-[28px]">
        Who is working? <DemoWord />
      </h1>
      <PinPad
        hands={hands}
        act="Sign in"
        busy={signIn.isPending}
        error={signIn.error}
        onGo={(given, wrong) =>
          signIn.mutate(given, { onSuccess: () => void navigate(tablet.stand === undefined ? '/' : '/here'), onError: wrong })
        }
      />
      <button type="button" onClick={onPassword} className="mt-4 min-h-12 self-start text-[14px] underline underline-offset-2">
        Name and password instead
      </button>
    </div>
  )
}

function ByPassword({ known }: { known: boolean }) {
  const [username, setUsername] = useState('')
  const [password, setPassword] = useState('')
  const signIn = useSignIn()
  const shop = useSession().data?.shop
  return (
    <form
      className="flex flex-col justify-center gap-4 px-12"
      onSubmit={(e) => {
        e.preventDefault()
        signIn.mutate({ username, password })
      }}
    >
      <div>
        {shop?.name && <p className="text-[15px] text-soft">{shop.name}</p>}
        <h1 className="flex items-center gap-4 text-[28px]">
          Sign in <DemoWord />
        </h1>
      </div>
      <Field label="Name" value={username} onChange={(e) => setUsername(e.target.value)} autoFocus autoComplete="username" />
      <Field
        label="Password"
        type="password"
        value={password}
        onChange={(e) => setPassword(e.target.value)}
        autoComplete="current-password"
        fault={signIn.error?.message}
      />
      <Button type="submit" disabled={signIn.isPending} className="min-h-12">
        Sign in
      </Button>
      <p className="text-[13.5px] text-soft">
        New here, or password forgotten? The service manager gives you a code:{' '}
        <Link to="/code" className="font-semibold text-petrol underline underline-offset-2">
          use it
        </Link>
        .
        {!known && (
          <>
            {' '}
            A tablet on the wall?{' '}
            <Link to="/pair" className="font-semibold text-petrol underline underline-offset-2">
              Pair this tablet
            </Link>
            .
          </>
        )}
      </p>
    </form>
  )
}

function Hinges() {
  return (
    <div className="relative overflow-hidden bg-ink text-paper max-md:hidden">
      <div aria-hidden="true" className="absolute inset-x-0 top-1/2 -translate-y-1/2">
        {(['FITS', 'FITS_WITH', 'FITS', 'TRADE_OFF', 'MEASURE'] as const).map((v, i) => (
          <div key={i} className="[&_svg]:w-full">
            <Knuckle verdict={v} width={760} height={84} onDark />
          </div>
        ))}
      </div>
      <div className="absolute top-12 left-14 flex items-center gap-3 text-[26px] font-bold [font-stretch:86%]">
        <Mark /> Hinge Yard
      </div>
      <p className="absolute bottom-14 left-14 max-w-md text-[17px] text-night-soft">
        One leaf is the bike as measured, the other the kit as published. Everything in between is the shop's work.
      </p>
    </div>
  )
}
