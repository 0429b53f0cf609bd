import { useState } from 'react'
import { Button } from '../../ui/Button'
import { useToast } from '../../ui/toastContext'
import { ChangeForm } from '../customer/ChangeForm'
import { useMay } from '../session/useSession'
import { FromCalendar } from './FromCalendar'
import { Fault } from './People'
import { HOLDS, INPUT, REMOVE, StandRows } from './StandRows'
import { weekInWords, WeekFields } from './Week'
import { useChangeShop, type ShopView } from './useShop'

type Closed = ShopView['closed'][number]

const long = (day: string) =>
  new Date(`${day}T12:00:00`).toLocaleDateString('en-GB', { weekday: 'short', day: 'numeric', month: 'short', year: 'numeric' })

/** The stands, what each carries, and when the shop is open. */
export function House({ shop }: { shop: ShopView }) {
  const may = useMay()
  const [changing, setChanging] = useState(false)
  if (changing) return <Change shop={shop} onDone={() => setChanging(false)} />
  return (
    <section aria-label="Stands and days">
      <div className="flex min-h-[38px] items-end border-b-2 border-ink pb-0.5">
        <h2 className="text-[19px]">Stands</h2>
        {may('KEEP_SHOP') && (
          <Button look="quiet" className="ml-auto min-h-8 py-0.5" onClick={() => setChanging(true)}>
            Change stands and days
          </Button>
        )}
      </div>
      <ul className="bg-paper text-[14px]">
        {shop.stands.map((s) => (
          <li key={s.number} className="flex items-baseline gap-3 border-b border-line px-3 py-1.5">
            <b className="figure w-7 text-[17px]">{s.number}</b>
            <span className="min-w-0 flex-1 truncate">
              {HOLDS.find(([h]) => h === s.holds)?.[1]}
              {s.name && <span className="text-soft"> · {s.name}</span>}
            </span>
            <span>
              {s.ratedKg === undefined ? (
                <span className="text-soft">rated mass not entered</span>
              ) : (
                <>
                  up to <span className="figure font-bold">{s.ratedKg} kg</span>
                </>
              )}
            </span>
          </li>
        ))}
      </ul>
      <h2 className="mt-5 border-b-2 border-ink pb-0.5 text-[19px]">Special tools</h2>
      <ul className="bg-paper text-[14px]">
        {shop.tools.map((t) => (
          <li key={t.name} className="flex items-baseline gap-3 border-b border-line px-3 py-1.5">
            <b className="figure w-7 text-[17px]">{t.count}</b> {t.name}
          </li>
        ))}
        {shop.tools.length === 0 && (
          <li className="px-3 py-2 text-soft">
            None entered. A tool of which there are only one or two belongs here: a job waits for it while another has it.
          </li>
        )}
      </ul>
      <h2 className="mt-5 border-b-2 border-ink pb-0.5 text-[19px]">Open</h2>
      <p className="figure bg-paper px-3 py-2 text-[14px]">{weekInWords(shop.hours)}</p>
      <h2 className="mt-5 border-b-2 border-ink pb-0.5 text-[19px]">Closed days</h2>
      <ul className="bg-paper text-[14px]">
        {shop.closed.map((c) => (
          <li key={c.day} className="flex gap-4 border-b border-line px-3 py-1.5">
            <span className="figure w-[150px]">{long(c.day)}</span> {c.why}
          </li>
        ))}
        {shop.closed.length === 0 && (
          <li className="px-3 py-2 text-soft">None entered. Holidays belong here: no day is then promised on them.</li>
        )}
      </ul>
    </section>
  )
}

function Change({ shop, onDone }: { shop: ShopView; onDone: () => void }) {
  const toast = useToast()
  // What is typed stays, whatever is heard meanwhile; it builds on what stood there when it was begun.
  const [seen] = useState(shop.version)
  const [stands, setStands] = useState(shop.stands)
  const [hours, setHours] = useState(shop.hours)
  const [closed, setClosed] = useState(shop.closed)
  const [tools, setTools] = useState(shop.tools)
  const [day, setDay] = useState<Closed>({ day: '', why: '' })
  const change = useChangeShop()
  const add = () => {
    setClosed([...closed.filter((c) => c.day !== day.day), day].sort((a, b) => a.day.localeCompare(b.day)))
    setDay({ day: '', why: '' })
  }
  return (
    <section aria-label="Stands and days" className="border-l-4 border-paint bg-paint-pale px-4 pt-2 pb-4">
      <ChangeForm
        error={change.error}
        pending={change.isPending}
        onLeave={onDone}
        onSave={() =>
          change.mutate(
            { version: seen, stands, hours, closed, tools },
            {
              onSuccess: () => {
                toast.done('Stands and days: saved.')
                onDone()
              },
            },
          )
        }
      >
        <h2 className="text-[19px]">Stands</h2>
        <StandRows stands={stands} onChange={setStands} />
        <h2 className="mt-4 text-[19px]">Special tools</h2>
        <Tools tools={tools} names={shop.toolNames} onChange={setTools} />
        <h2 className="mt-4 mb-1 text-[19px]">Open</h2>
        <WeekFields hours={hours} of="the shop" off="closed" onChange={setHours} />
        <h2 className="mt-4 text-[19px]">Closed days</h2>
        <ul>
          {closed.map((c) => (
            <li key={c.day} className="flex items-center gap-3 py-0.5 text-[14px]">
              <span className="figure w-[150px]">{long(c.day)}</span>
              <span className="min-w-0 flex-1">{c.why}</span>
              <button
                type="button"
                className={REMOVE}
                aria-label={`Open again on ${long(c.day)}`}
                onClick={() => setClosed(closed.filter((other) => other.day !== c.day))}
              >
                remove
              </button>
            </li>
          ))}
        </ul>
        <div className="mt-1 flex items-center gap-2">
          <input
            type="date"
            aria-label="A day on which the shop is closed"
            className={`${INPUT} figure`}
            value={day.day}
            onChange={(e) => setDay({ ...day, day: e.target.value })}
          />
          <input
            aria-label="Why it is closed"
            placeholder="holiday, stocktaking …"
            maxLength={60}
            className={`${INPUT} min-w-0 flex-1`}
            value={day.why}
            onChange={(e) => setDay({ ...day, why: e.target.value })}
          />
          <Button look="quiet" className="min-h-9 py-1" disabled={!day.day || day.why.trim() === ''} onClick={add}>
            Add the day
          </Button>
        </div>
        <FromCalendar
          what="holidays"
          onRead={(days) =>
            setClosed(
              [...closed, ...days.flatMap(eachDay).filter((d) => !closed.some((c) => c.day === d.day))]
                .filter((d, i, all) => all.findIndex((o) => o.day === d.day) === i)
                .sort((a, b) => a.day.localeCompare(b.day)),
            )
          }
        />
        <Fault error={change.error} />
      </ChangeForm>
    </section>
  )
}

type Tool = ShopView['tools'][number]

/** Tools of which there are few, as steps name them. */
function Tools({ tools, names, onChange }: { tools: Tool[]; names: string[]; onChange: (tools: Tool[]) => void }) {
  const left = names.filter((n) => !tools.some((t) => t.name === n))
  return (
    <>
      <ul>
        {tools.map((t) => (
          <li key={t.name} className="flex items-center gap-3 py-0.5 text-[14px]">
            <input
              type="number"
              min={1}
              max={20}
              aria-label={`How many of ${t.name}`}
              className={`${INPUT} figure w-[60px]`}
              value={Number.isNaN(t.count) ? '' : t.count}
              onChange={(e) => onChange(tools.map((o) => (o.name === t.name ? { ...o, count: parseInt(e.target.value, 10) } : o)))}
            />
            <span className="min-w-0 flex-1">{t.name}</span>
            <button
              type="button"
              className={REMOVE}
              aria-label={`Enough of ${t.name}`}
              onClick={() => onChange(tools.filter((o) => o.name !== t.name))}
            >
              remove
            </button>
          </li>
        ))}
      </ul>
      <select
        aria-label="Add a special tool"
        className={`${INPUT} mt-1`}
        value=""
        onChange={(e) =>
          e.target.value && onChange([...tools, { name: e.target.value, count: 1 }].sort((a, b) => a.name.localeCompare(b.name)))
        }
      >
        <option value="">Add a tool of which there are few …</option>
        {left.map((n) => (
          <option key={n}>{n}</option>
        ))}
      </select>
    </>
  )
}

/** Holidays are entered day by day. */
function eachDay(read: { from: string; to: string; why: string }): Closed[] {
  const days: Closed[] = []
  for (
    let d = new Date(`${read.from}T12:00:00Z`);
    d.toISOString().slice(0, 10) <= read.to && days.length < 60;
    d.setUTCDate(d.getUTCDate() + 1)
  )
    days.push({ day: d.toISOString().slice(0, 10), why: read.why || 'closed' })
  return days
}
