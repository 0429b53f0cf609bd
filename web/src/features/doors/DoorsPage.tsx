import { useState } from 'react'
import type { Schemas } from '../../api/client'
import { clock } from '../../quantity/units'
import { Button } from '../../ui/Button'
import { Loaded } from '../../ui/Loaded'
import { useToast } from '../../ui/toastContext'
import { cx } from '../../ui/cx'
import { useDoors, useEndSession, useUnlock } from './useDoors'

type Doors = Schemas['DoorsView']

/** Misses and refusals: what somebody who looks after the doors looks for first. */
const ALARMING = ['MISSED', 'LOCKED', 'REFUSED']
/** A name that nobody has is not readable: it may be a password in the wrong field. */
const UNKNOWN = '#'

export function DoorsPage() {
  return (
    <Loaded query={useDoors()} what="Who is signed in">
      {(doors) => <Door doors={doors} />}
    </Loaded>
  )
}

function Door({ doors }: { doors: Doors }) {
  const nameOf = (username: string) =>
    doors.people.find((p) => p.username === username)?.displayName ?? (username.startsWith(UNKNOWN) ? 'a name nobody has' : username)
  return (
    <div className="px-6 pt-4 pb-8">
      <div className="flex items-end gap-6">
        <h1 className="text-[26px]">Sign-ins</h1>
        <p className="ml-auto max-w-[470px] pb-1 text-[12.5px] leading-tight text-soft">
          A session ends after four hours without use, or fourteen hours after signing in. Sign somebody out when a tablet is lost or
          somebody leaves.
        </p>
      </div>
      <div className="mt-3 grid grid-cols-[minmax(0,1fr)_minmax(0,1fr)] items-start gap-6 max-lg:grid-cols-1">
        <div>
          <Locks locks={doors.locks} nameOf={nameOf} />
          <Sessions sessions={doors.sessions} nameOf={nameOf} />
        </div>
        <Notes notes={doors.notes} nameOf={nameOf} />
      </div>
    </div>
  )
}

function Locks({ locks, nameOf }: { locks: Doors['locks']; nameOf: (username: string) => string }) {
  const unlock = useUnlock()
  const toast = useToast()
  if (locks.length === 0) return null
  return (
    <section aria-label="Locked" className="mb-5 border-l-4 border-vermilion bg-paper px-4 pt-2 pb-3">
      <h2 className="text-[17px]">Locked after wrong tries</h2>
      <ul>
        {locks.map((l) => (
          <li key={`${l.way} ${l.username} ${l.address}`} className="flex items-baseline gap-3 border-t border-line py-1.5 text-[14px]">
            <b>{nameOf(l.username)}</b>
            <span className="min-w-0 flex-1 text-[13px] text-soft">
              {l.misses} wrong {l.way === 'pin' ? 'PINs' : 'passwords'} {l.address === '*' ? 'from several devices' : `from ${l.address}`},
              locked until {clock(l.until)}
            </span>
            {!l.username.startsWith(UNKNOWN) && (
              <Button
                look="quiet"
                className="min-h-9 py-1"
                aria-label={`Unlock ${nameOf(l.username)}`}
                disabled={unlock.isPending}
                onClick={() => unlock.mutate(l.username, { onSuccess: () => toast.done(`${nameOf(l.username)} can try again now.`) })}
              >
                Unlock
              </Button>
            )}
          </li>
        ))}
      </ul>
    </section>
  )
}

function Sessions({ sessions, nameOf }: { sessions: Doors['sessions']; nameOf: (username: string) => string }) {
  const end = useEndSession()
  const toast = useToast()
  return (
    <section aria-label="Signed in now" className="bg-paper px-4 pt-2 pb-3">
      <h2 className="text-[17px]">
        Signed in now <span className="figure text-[15px] text-soft">{sessions.length}</span>
      </h2>
      <ul>
        {sessions.map((s) => (
          <li key={s.handle} className="flex items-baseline gap-3 border-t border-line py-1.5 text-[14px]">
            <b className="w-24 truncate">{nameOf(s.username)}</b>
            <span className="min-w-0 flex-1 text-[13px] text-soft">
              {s.device}, {s.address}; since {clock(s.since)}, last seen {clock(s.lastSeen)}
            </span>
            {s.own ? (
              <span className="text-[13px]">this one</span>
            ) : (
              <Button
                look="quiet"
                className="min-h-9 py-1"
                aria-label={`Sign out ${nameOf(s.username)}, ${s.device} since ${clock(s.since)}`}
                disabled={end.isPending}
                onClick={() => end.mutate(s.handle, { onSuccess: () => toast.done(`${nameOf(s.username)} is signed out there.`) })}
              >
                Sign out
              </Button>
            )}
          </li>
        ))}
      </ul>
    </section>
  )
}

function Notes({ notes, nameOf }: { notes: Doors['notes']; nameOf: (username: string) => string }) {
  const [alarming, setAlarming] = useState(false)
  const shown = notes.filter((n) => !alarming || ALARMING.includes(n.what))
  return (
    <section aria-label="What happened" className="bg-paper px-4 pt-2 pb-3">
      <div className="flex items-baseline gap-4">
        <h2 className="text-[17px]">What happened</h2>
        <label className="ml-auto flex min-h-8 cursor-pointer items-center gap-2 text-[13px]">
          <input type="checkbox" className="size-4 accent-petrol" checked={alarming} onChange={(e) => setAlarming(e.target.checked)} />
          Only wrong tries and refusals
        </label>
      </div>
      {shown.length === 0 && <p className="border-t border-line py-2 text-[13.5px] text-soft">Nothing.</p>}
      <ul className="text-[13.5px]">
        {shown.map((n, i) => (
          <li key={i} className="flex items-baseline gap-3 border-t border-line py-1">
            <span className="figure w-24 shrink-0 text-[12.5px] whitespace-nowrap text-soft">{clock(n.at)}</span>
            <span className="min-w-0 flex-1">
              <b>{nameOf(n.who)}</b>{' '}
              <span className={cx(n.what === 'LOCKED' && 'font-semibold text-vermilion')}>
                {n.said}
                {n.detail && `: ${n.detail}`}
              </span>
            </span>
            <span className="shrink-0 text-[12.5px] text-soft">{n.address}</span>
          </li>
        ))}
      </ul>
    </section>
  )
}
