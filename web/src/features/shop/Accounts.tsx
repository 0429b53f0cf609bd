import { useState } from 'react'
import { faultOf, type Schemas } from '../../api/client'
import { clock } from '../../quantity/units'
import { Button } from '../../ui/Button'
import { Dialog } from '../../ui/Dialog'
import { Field } from '../../ui/Field'
import { Loaded } from '../../ui/Loaded'
import { useToast } from '../../ui/toastContext'
import { cx } from '../../ui/cx'
import { Fault } from './People'
import { useAccounts, useAddAccount, useCode, useRoles, useStanding, type Account, type AccountsView, type Role } from './useAccounts'

type Made = Schemas['CodeMade']

/** Who gets in, and as what. */
export function Accounts() {
  return (
    <section aria-label="Accounts" className="mt-6">
      <Loaded query={useAccounts(true)} what="The accounts">
        {(all) => <List all={all} />}
      </Loaded>
    </section>
  )
}

function List({ all }: { all: AccountsView }) {
  const [adding, setAdding] = useState(false)
  const [changing, setChanging] = useState<string>()
  const [made, setMade] = useState<Made>()
  const gone = all.accounts.filter((a) => a.standing === 'GONE')
  const rows = [...all.accounts.filter((a) => a.standing !== 'GONE'), ...gone]
  return (
    <>
      <div className="flex min-h-[38px] items-end border-b-2 border-ink pb-0.5">
        <h2 className="text-[19px]">Accounts</h2>
        <Button look="quiet" className="ml-auto min-h-8 py-0.5" onClick={() => setAdding(true)}>
          Add somebody
        </Button>
      </div>
      {adding && (
        <Add
          roles={all.roles}
          onDone={(code) => {
            setAdding(false)
            setMade(code)
          }}
        />
      )}
      <ul className="bg-paper text-[14px]">
        {rows.map((a) => (
          <li key={a.username} className={cx('border-b border-line', changing === a.username && 'border-paint bg-paint-pale')}>
            <div className="flex min-h-11 items-center gap-4 px-3">
              <span className={cx('w-[150px] min-w-0', a.standing !== 'ACTIVE' && 'text-soft')}>
                <b className="block truncate">{a.displayName}</b>
                <span className="block truncate text-[12.5px] text-soft">signs in as {a.username}</span>
              </span>
              <span className="min-w-0 flex-1">
                {a.roles.map((r) => all.roles.find((o) => o.role === r)?.label).join(', ')}
                <span className="block text-[12.5px] text-soft">{state(a)}</span>
              </span>
              {changing !== a.username && (
                <Button
                  look="quiet"
                  className="my-1.5 min-h-8 py-0.5"
                  aria-label={`Change the account of ${a.displayName}`}
                  onClick={() => setChanging(a.username)}
                >
                  Change
                </Button>
              )}
            </div>
            {changing === a.username && <Change account={a} all={all} onCode={setMade} onDone={() => setChanging(undefined)} />}
          </li>
        ))}
      </ul>
      {made && <CodeDialog made={made} name={nameOf(all, made.username)} onClose={() => setMade(undefined)} />}
    </>
  )
}

const nameOf = (all: AccountsView, username: string) => all.accounts.find((a) => a.username === username)?.displayName ?? username

function state(a: Account): string {
  if (a.standing !== 'ACTIVE') return `${a.said}: ${a.standing === 'PAUSED' ? 'does not get in' : 'the name stays on what was done'}`
  const code = a.codeUntil ? `a code counts until ${clock(a.codeUntil)}` : ''
  if (!a.password) return code || 'no password yet: make a code'
  return [a.pin ? 'password and PIN' : 'password, no PIN yet', code].filter(Boolean).join('; ')
}

function Roles({ all, chosen, onChange }: { all: AccountsView['roles']; chosen: Role[]; onChange: (roles: Role[]) => void }) {
  return (
    <fieldset>
      <legend className="label text-[14px]">Works as</legend>
      {all.map((r) => (
        <label key={r.role} className="mr-5 inline-flex min-h-10 cursor-pointer items-center gap-2 text-[14px]">
          <input
            type="checkbox"
            className="size-4 accent-petrol"
            checked={chosen.includes(r.role)}
            onChange={(e) => onChange(e.target.checked ? [...chosen, r.role] : chosen.filter((o) => o !== r.role))}
          />
          {r.label}
        </label>
      ))}
    </fieldset>
  )
}

/** Somebody new: they get a code at once, to choose their own password with. */
function Add({ roles, onDone }: { roles: AccountsView['roles']; onDone: (made?: Made) => void }) {
  const [given, setGiven] = useState<Schemas['AccountGiven']>({ username: '', displayName: '', roles: ['TECHNICIAN'] })
  const [own, setOwn] = useState(false)
  const add = useAddAccount()
  const code = useCode()
  return (
    <form
      noValidate
      aria-label="Somebody new"
      className="grid gap-3 border-l-4 border-paint bg-paint-pale px-4 py-3"
      onSubmit={(e) => {
        e.preventDefault()
        add.mutate(given, { onSuccess: () => code.mutate(given.username.trim(), { onSuccess: onDone, onError: () => onDone() }) })
      }}
    >
      <div className="grid grid-cols-2 gap-3">
        <Field
          label="Name"
          hint="on steps and papers"
          autoFocus
          maxLength={40}
          value={given.displayName}
          onChange={(e) => {
            const displayName = e.target.value
            setGiven({ ...given, displayName, ...(own ? {} : { username: signInName(displayName) }) })
          }}
          fault={faultOf(add.error, 'displayName')}
        />
        <Field
          label="Name to sign in with"
          maxLength={30}
          autoCapitalize="none"
          value={given.username}
          onChange={(e) => {
            setOwn(true)
            setGiven({ ...given, username: e.target.value })
          }}
          fault={faultOf(add.error, 'username')}
        />
      </div>
      <div>
        <Roles all={roles} chosen={given.roles} onChange={(r) => setGiven({ ...given, roles: r })} />
        {faultOf(add.error, 'roles') && (
          <p role="alert" className="text-[13px] font-semibold text-vermilion">
            {faultOf(add.error, 'roles')}
          </p>
        )}
      </div>
      {add.error && add.error.status !== 422 && (
        <p role="alert" className="font-semibold text-vermilion">
          {add.error.message}
        </p>
      )}
      <div className="flex gap-3">
        <Button type="submit" disabled={add.isPending || code.isPending}>
          Add and make a code
        </Button>
        <Button look="quiet" onClick={() => onDone()}>
          Cancel
        </Button>
      </div>
    </form>
  )
}

/** What somebody would sign in as: the first of their names, in plain small letters. */
export function signInName(displayName: string): string {
  return (displayName.trim().split(/\s+/)[0] ?? '')
    .normalize('NFD')
    .replace(/\p{M}/gu, '')
    .toLowerCase()
    .replace(/[^a-z0-9.-]/g, '')
    .replace(/^[^a-z]+/, '')
}

function Change({
  account,
  all,
  onCode,
  onDone,
}: {
  account: Account
  all: AccountsView
  onCode: (made: Made) => void
  onDone: () => void
}) {
  const toast = useToast()
  const [chosen, setChosen] = useState(account.roles)
  const [leaving, setLeaving] = useState(false)
  const roles = useRoles(account.username)
  const standing = useStanding(account.username)
  const code = useCode()
  const busy = roles.isPending || standing.isPending || code.isPending
  const name = account.displayName
  const become = (to: Account['standing'], done: string) =>
    standing.mutate(to, {
      onSuccess: () => {
        toast.done(done)
        onDone()
      },
      onError: () => setLeaving(false),
    })
  return (
    <form
      noValidate
      className="px-3 pb-3"
      onSubmit={(e) => {
        e.preventDefault()
        roles.mutate(chosen, {
          onSuccess: () => {
            toast.done(`${name}: saved.`)
            onDone()
          },
        })
      }}
    >
      <Roles all={all.roles} chosen={chosen} onChange={setChosen} />
      <Fault error={roles.error ?? standing.error} />
      <div className="mt-2 flex flex-wrap gap-3">
        <Button type="submit" disabled={busy}>
          Save
        </Button>
        <Button look="quiet" onClick={onDone}>
          Cancel
        </Button>
        <span className="flex-1" />
        {account.standing === 'ACTIVE' ? (
          <>
            <Button look="quiet" disabled={busy} onClick={() => code.mutate(account.username, { onSuccess: onCode })}>
              New code
            </Button>
            <Button look="quiet" disabled={busy} onClick={() => become('PAUSED', `${name} is paused, and signed out everywhere.`)}>
              Pause
            </Button>
          </>
        ) : (
          <Button look="quiet" disabled={busy} onClick={() => become('ACTIVE', `${name} works here again.`)}>
            Take back in
          </Button>
        )}
        {account.standing !== 'GONE' && (
          <Button look="quiet" disabled={busy} onClick={() => setLeaving(true)}>
            Let go …
          </Button>
        )}
      </div>
      <Dialog
        open={leaving}
        onClose={() => setLeaving(false)}
        title={`${name} leaves the shop?`}
        hint="Password and PIN are erased, every device is signed out, and a battery they hold out is let go: look first that their hands are at no bike. What they did keeps their name."
      >
        <div className="flex gap-3">
          <Button look="danger" disabled={busy} onClick={() => become('GONE', `${name} has left the shop.`)}>
            Let {name} go
          </Button>
          <Button look="quiet" onClick={() => setLeaving(false)}>
            Cancel
          </Button>
        </div>
      </Dialog>
    </form>
  )
}

/** The code as it is handed over: large, once, with what to do with it. */
function CodeDialog({ made, name, onClose }: { made: Made; name: string; onClose: () => void }) {
  const toast = useToast()
  const address = `${window.location.host}/code`
  return (
    <Dialog
      open
      onClose={onClose}
      title={`A code for ${name}`}
      hint="It is shown this once. Another one can be made; then this one counts no more."
    >
      <p className="figure bg-paint-pale py-4 text-center text-[30px] font-bold tracking-[0.04em]">{made.code}</p>
      <p className="mt-3 text-[14.5px]">
        {name} opens <b className="figure">{address}</b>, enters <b>{made.username}</b> and this code, and chooses a password. It counts
        until {clock(made.until)}, once.
      </p>
      <div className="mt-4 flex gap-3">
        <Button onClick={onClose}>I have handed it over</Button>
        <Button
          look="quiet"
          onClick={() =>
            void navigator.clipboard?.writeText(`${address}, ${made.username}, ${made.code}`).then(() => toast.done('Copied.'))
          }
        >
          Copy
        </Button>
      </div>
    </Dialog>
  )
}
