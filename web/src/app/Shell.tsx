import { DropdownMenu } from 'radix-ui'
import { useState } from 'react'
import { NavLink, Outlet, useNavigate } from 'react-router'
import { useLive } from '../api/live'
import { useSettled } from '../api/useSettled'
import { HandsDialog } from '../features/install/HandsDialog'
import { isOurs } from '../features/install/queue'
import { useTaps } from '../features/install/useSteps'
import { OwnSecrets } from '../features/session/AccountDialogs'
import { useMay, useSession, useSignOut } from '../features/session/useSession'
import { Button } from '../ui/Button'
import { Dialog } from '../ui/Dialog'
import { setUnits, useUnits } from '../quantity/units'
import { cx } from '../ui/cx'
import { Find } from './Find'
import { DemoWord } from './DemoWord'
import { KeysHelp } from './KeysHelp'
import { Mark } from './Mark'
import { useKeys } from '../ui/useKeys'

const ITEM = 'cursor-pointer px-4 py-2 data-[highlighted]:bg-paint-pale'
const ROLE = { MANAGER: 'manager', TECHNICIAN: 'technician', STOCK_KEEPER: 'stock keeper' } as const

export function Shell() {
  useLive()
  useSettled()
  const session = useSession().data
  const who = session?.who
  const stand = session?.tablet?.stand
  const units = useUnits()
  const signOut = useSignOut()
  const navigate = useNavigate()
  const [help, setHelp] = useState(false)
  const may = useMay()
  const [asking, setAsking] = useState<'secrets' | 'over'>()
  const [leaving, setLeaving] = useState(false)
  const waiting = useTaps().waiting.filter((t) => isOurs(t, who))
  useKeys('shift+slash', () => setHelp(true))
  useKeys('y', () => void navigate('/'))
  useKeys('v', () => void navigate('/ahead'))
  useKeys('d', () => void navigate('/drawers'))
  useKeys('o', () => void navigate('/orders'))
  useKeys('u', () => void navigate('/stuck'))
  useKeys('k', () => void navigate('/kits'))
  useKeys('r', () => void navigate('/rules'))
  useKeys('l', () => void navigate('/steps'))
  useKeys('c', () => void navigate('/bench'))
  return (
    <div className="flex min-h-screen flex-col">
      <header className="no-print flex h-[50px] shrink-0 items-center gap-7 bg-ink px-5 text-paper max-[1100px]:gap-4 max-[1100px]:px-3">
        <NavLink to="/" className="flex shrink-0 items-center gap-2.5 text-[17px] font-bold whitespace-nowrap [font-stretch:88%]">
          <Mark /> Hinge Yard
        </NavLink>
        <DemoWord />
        <nav className="flex h-full items-stretch gap-6 whitespace-nowrap max-[1100px]:gap-3.5" aria-label="Views">
          {[
            ...(stand === undefined ? [] : [['/here', `Stand ${stand}`]]),
            ['/', 'Yard'],
            ['/ahead', 'Ahead'],
            ...(who?.roles.some((r) => r !== 'MANAGER') ? [['/my-day', 'My day']] : []),
            ['/drawers', 'Drawers'],
            ['/orders', 'Orders'],
            ['/stuck', 'Stuck'],
            ['/kits', 'Kits'],
            ['/bench', 'Bench'],
            ['/rules', 'Rules'],
            ['/steps', 'Library'],
          ].map(([to, name]) => (
            <NavLink
              key={to}
              to={to!}
              end
              className={({ isActive }) =>
                cx(
                  'flex items-center border-b-[3px] pt-[3px] text-[14.5px]',
                  isActive ? 'border-paint font-semibold' : 'border-transparent text-night-soft hover:text-paper',
                )
              }
            >
              {name}
            </NavLink>
          ))}
        </nav>
        <Find className="ml-auto min-w-0 shrink" />
        <button
          type="button"
          onClick={() => setHelp(true)}
          aria-label="Keys"
          className="border border-night-soft/60 px-2 figure text-[13px] leading-6 text-night-soft hover:text-paper"
        >
          ?
        </button>
        <DropdownMenu.Root>
          <DropdownMenu.Trigger className="flex shrink-0 items-center gap-2.5 text-[14px] whitespace-nowrap">
            <span className="grid size-7 place-items-center bg-paint text-[12px] font-extrabold text-ink">
              {who?.displayName.slice(0, 2).toUpperCase()}
            </span>
            <span>
              {who?.displayName}
              <span className="max-[1100px]:sr-only"> · {who?.roles.map((r) => ROLE[r]).join(', ')}</span>
            </span>
          </DropdownMenu.Trigger>
          <DropdownMenu.Portal>
            <DropdownMenu.Content align="end" sideOffset={10} className="z-40 w-60 bg-paper py-1 text-ink ring-1 ring-ink">
              <DropdownMenu.Label className="label px-4 pt-2 pb-1 text-[12px] text-soft">Lengths and torques in</DropdownMenu.Label>
              <DropdownMenu.RadioGroup value={units} onValueChange={(v) => setUnits(v as 'metric' | 'imperial')}>
                {[
                  ['metric', 'mm and N·m'],
                  ['imperial', 'inches and ft·lb'],
                ].map(([v, name]) => (
                  <DropdownMenu.RadioItem
                    key={v}
                    value={v!}
                    className="flex cursor-pointer items-center gap-2 px-4 py-2 data-[highlighted]:bg-paint-pale data-[state=checked]:font-bold"
                  >
                    <span className="w-3">{units === v ? '●' : '○'}</span> {name}
                  </DropdownMenu.RadioItem>
                ))}
              </DropdownMenu.RadioGroup>
              <DropdownMenu.Separator className="my-1 h-px bg-line" />
              <DropdownMenu.Item onSelect={() => void navigate('/shop')} className={ITEM}>
                People, stands and days
              </DropdownMenu.Item>
              {may('KEEP_MONEY') && (
                <DropdownMenu.Item onSelect={() => void navigate('/money')} className={ITEM}>
                  Money
                </DropdownMenu.Item>
              )}
              {may('KEEP_DOORS') && (
                <DropdownMenu.Item onSelect={() => void navigate('/sign-ins')} className={ITEM}>
                  Sign-ins
                </DropdownMenu.Item>
              )}
              {may('KEEP_DOORS') && (
                <DropdownMenu.Item onSelect={() => void navigate('/tablets')} className={ITEM}>
                  Tablets
                </DropdownMenu.Item>
              )}
              {may('READ_AUDIT') && (
                <DropdownMenu.Item onSelect={() => void navigate('/health')} className={ITEM}>
                  Health of the shop
                </DropdownMenu.Item>
              )}
              <DropdownMenu.Item onSelect={() => setAsking('secrets')} className={ITEM}>
                My PIN and password
              </DropdownMenu.Item>
              <DropdownMenu.Item onSelect={() => setAsking('over')} className={ITEM}>
                Hand this tablet over
              </DropdownMenu.Item>
              <DropdownMenu.Item onSelect={() => (waiting.length > 0 ? setLeaving(true) : signOut.mutate(undefined))} className={ITEM}>
                Sign out
              </DropdownMenu.Item>
            </DropdownMenu.Content>
          </DropdownMenu.Portal>
        </DropdownMenu.Root>
      </header>
      <main className="flex min-h-0 flex-1 flex-col">
        <Outlet />
      </main>
      {leaving && (
        <Dialog
          open
          onClose={() => setLeaving(false)}
          title={waiting.length === 1 ? 'One tap of yours is not sent yet' : `${waiting.length} taps of yours are not sent yet`}
          hint="There was no network. They stay on this tablet and are sent when you sign in here again, never under another name."
        >
          <ul className="mb-4 text-[14px]">
            {waiting.map((t) => (
              <li key={t.id}>
                <b className="figure">{t.job}</b> {t.title}
              </li>
            ))}
          </ul>
          <div className="flex gap-2">
            <Button onClick={() => setLeaving(false)}>Stay signed in</Button>
            <Button look="quiet" onClick={() => signOut.mutate(undefined)}>
              Sign out anyway
            </Button>
          </div>
        </Dialog>
      )}
      {asking === 'secrets' && <OwnSecrets onClose={() => setAsking(undefined)} />}
      {asking === 'over' && <HandsDialog onClose={() => setAsking(undefined)} />}
      <KeysHelp open={help} onClose={() => setHelp(false)} />
    </div>
  )
}
