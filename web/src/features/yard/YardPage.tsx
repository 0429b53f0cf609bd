import { DndContext, PointerSensor, useSensor, useSensors, type DragEndEvent } from '@dnd-kit/core'
import { useEffect, useRef, useState } from 'react'
import { useHotkeys } from 'react-hotkeys-hook'
import { Link, useNavigate } from 'react-router'
import type { Schemas } from '../../api/client'
import { day, since } from '../../quantity/units'
import { Button } from '../../ui/Button'
import { cx } from '../../ui/cx'
import { Loaded } from '../../ui/Loaded'
import { FreeStands } from '../booking/DayStrip'
import { StillMissing } from '../opening/StillMissing'
import { useMay } from '../session/useSession'
import { FloorBikeCard, pathOf, Tag } from './FloorBikeCard'
import { MoveDialog } from './MoveDialog'
import { DropSpot, PlaceName } from './Spots'
import { StandBay } from './StandBay'
import { useMove, useYard, type FloorBike, type FloorView, type Spot } from './useYard'
import { Scroller } from '../../ui/Scroller'
import { useKeys } from '../../ui/useKeys'

export function YardPage() {
  return (
    <Loaded query={useYard()} what="The yard">
      {(floor) => <Floor floor={floor} />}
    </Loaded>
  )
}

/** Moves focus to the next bike in a direction, as the eye would go. */
function step(dx: number, dy: number) {
  const bikes = [...document.querySelectorAll<HTMLElement>('[data-bike]')]
  const here = document.activeElement?.getBoundingClientRect()
  if (!here || !(document.activeElement instanceof HTMLElement) || !document.activeElement.dataset.bike) {
    bikes[0]?.focus()
    return
  }
  const [x, y] = [here.x + here.width / 2, here.y + here.height / 2]
  let best: HTMLElement | undefined
  let least = Infinity
  for (const b of bikes) {
    const r = b.getBoundingClientRect()
    const [ex, ey] = [r.x + r.width / 2 - x, r.y + r.height / 2 - y]
    const ahead = ex * dx + ey * dy
    const far = ahead > 8 ? ahead + 2.5 * Math.abs(ex * dy + ey * dx) : Infinity
    if (far < least) {
      least = far
      best = b
    }
  }
  best?.focus()
}

function Floor({ floor }: { floor: FloorView }) {
  const may = useMay()
  const navigate = useNavigate()
  const move = useMove()
  const [moving, setMoving] = useState<FloorBike>()
  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: 6 } }))
  useKeys('b', () => may('BOOK_IN') && void navigate('/book'))
  useHotkeys('left', () => step(-1, 0), { preventDefault: true })
  useHotkeys('right', () => step(1, 0), { preventDefault: true })
  useHotkeys('up', () => step(0, -1), { preventDefault: true })
  useHotkeys('down', () => step(0, 1), { preventDefault: true })
  const at = (place: FloorBike['job']['place']) => floor.bikes.filter((b) => b.job.place === place)
  const stands = new Map(at('STAND').map((b) => [b.job.stand ?? 0, b]))
  const rack = at('RACK')
  const crowded = rack.length > 6
  const strip = at('STRIP')
  const waiting = rack.find((b) => b.steps > 0)
  const firstFree = floor.stands.map((s) => s.number).find((n) => !stands.has(n))
  const across = floor.stands.length > 6 ? 4 : 3
  // A bike that is drawn in another place is another element: whoever moved it by key goes on from where it is now.
  const lastMoved = useRef<number>(undefined)
  useEffect(() => {
    if (lastMoved.current !== undefined && document.activeElement === document.body) {
      document.querySelector<HTMLElement>(`[data-bike="${lastMoved.current}"]`)?.focus()
    }
  }, [floor])
  const put = (bike: FloorBike, spot: Spot) => {
    setMoving(undefined)
    lastMoved.current = bike.job.number
    if (bike.job.place !== spot.to || bike.job.stand !== spot.stand) move(bike, spot)
  }
  const dropped = (event: DragEndEvent) => {
    const spot = event.over?.data.current?.spot as Spot | undefined
    const bike = event.active.data.current?.bike as FloorBike | undefined
    if (spot && bike) put(bike, spot)
  }
  return (
    <DndContext sensors={sensors} onDragEnd={dropped}>
      <h1 className="sr-only">The yard</h1>
      {floor.bikes.length === 0 && (
        <div className="px-6 pt-4">
          <StillMissing />
        </div>
      )}
      <div className="grid h-[calc(100vh-50px)] min-h-[620px] grid-cols-[196px_minmax(0,1fr)_200px] max-[1100px]:grid-cols-[168px_minmax(0,1fr)_170px]">
        <Gate
          bikes={at('GATE')}
          today={floor.today}
          days={floor.days}
          stands={floor.stands.length}
          mayBook={may('BOOK_IN')}
          onMove={setMoving}
        />
        <div className="grid min-h-0 min-w-0 grid-cols-[minmax(0,1fr)] grid-rows-[auto_minmax(0,1fr)_118px] border-x-[3px] border-paint px-4">
          <DropSpot spot={{ to: 'RACK' }} aria-label="Rack" className="relative pt-2 pb-2">
            <div className="flex items-center gap-3">
              <PlaceName>Rack</PlaceName>
              <span className="h-[5px] flex-1 bg-[#6d7a73]" />
            </div>
            <Scroller className="flex gap-1.5 overflow-x-auto pt-0 pb-1">
              {rack.map((b) => (
                <FloorBikeCard
                  key={b.job.number}
                  bike={b}
                  scale={crowded ? 0.052 : 0.066}
                  maxWidth={crowded ? 108 : 160}
                  onMove={setMoving}
                  className={cx(
                    'flex flex-1 flex-col items-center justify-end [&_svg]:h-auto [&_svg]:max-w-full',
                    crowded ? 'max-w-[150px] min-w-[74px]' : 'w-[min(168px,20%)] min-w-[118px]',
                  )}
                >
                  <Tag bike={b} tight={crowded} className="mt-1 min-h-[46px] w-full" />
                </FloorBikeCard>
              ))}
              {rack.length === 0 && (
                <Empty>The rack is empty. A bike that has arrived hangs here until its kit and parts are settled.</Empty>
              )}
            </Scroller>
          </DropSpot>
          <Scroller
            className="grid min-h-0 gap-x-3 gap-y-2.5 overflow-y-auto pt-1"
            style={{
              gridTemplateColumns: `repeat(${across}, minmax(0, 1fr))`,
              gridTemplateRows: `repeat(${Math.max(2, Math.ceil(floor.stands.length / across))}, minmax(150px, 1fr))`,
            }}
          >
            {floor.stands.map(({ number: n, ...stand }) => (
              <StandBay
                key={n}
                number={n}
                stand={stand}
                bike={stands.get(n)}
                waiting={n === firstFree ? waiting : undefined}
                now={floor.now}
                onMove={setMoving}
              />
            ))}
          </Scroller>
          <DropSpot
            spot={{ to: 'STRIP' }}
            aria-label="Test strip"
            className="relative mt-2.5 flex items-end gap-4 border-t-[3px] border-dashed border-paint pb-2"
          >
            <PlaceName className="self-start pt-2">Test strip</PlaceName>
            {strip.map((b) => (
              <FloorBikeCard key={b.job.number} bike={b} scale={0.07} maxWidth={190} onMove={setMoving} className="flex items-end gap-2">
                <Tag bike={b} className="mb-2 max-w-[190px]" />
              </FloorBikeCard>
            ))}
            {strip.length === 0 && <Empty>Nothing is being ridden. A bike comes here after its first power.</Empty>}
          </DropSpot>
        </div>
        <Rail bikes={at('RAIL')} all={floor.bikes} now={floor.now} onMove={setMoving} />
      </div>
      <MoveDialog bike={moving} standing={stands} stands={floor.stands} onClose={() => setMoving(undefined)} onMove={put} />
    </DndContext>
  )
}

function Empty({ children }: { children: string }) {
  return <p className="max-w-md py-6 text-[13px] text-soft">{children}</p>
}

/** Days that stand open at the gate; later ones are folded to their heads. */
const OPEN_DAYS = 3

function Gate({
  bikes,
  today,
  days,
  stands,
  mayBook,
  onMove,
}: {
  bikes: FloorBike[]
  today: string
  days: Schemas['DayView'][]
  stands: number
  mayBook: boolean
  onMove: (b: FloorBike) => void
}) {
  const [unfolded, setUnfolded] = useState<string[]>([])
  const awaited = [...new Set(bikes.map((b) => b.job.arrivesOn))].sort()
  return (
    <aside aria-label="Gate" className="flex min-h-0 flex-col bg-edge">
      <PlaceName className="px-3.5 pt-2.5 pb-1">Gate</PlaceName>
      <Scroller className="min-h-0 flex-1 overflow-y-auto px-3.5">
        {awaited.map((d, i) => {
          const theirs = bikes.filter((b) => b.job.arrivesOn === d)
          const outlook = days.find((o) => o.date === d)
          const open = i < OPEN_DAYS || unfolded.includes(d)
          return (
            <section key={d} className="mb-2" aria-label={day(d)}>
              <h3 className="flex items-center gap-2 text-[13.5px]">
                <span className="flex-1">
                  {d < today ? 'Late, ' : d === today ? 'Today, ' : ''}
                  {day(d)}
                </span>
                {outlook && outlook.outlook !== 'CLOSED' && (
                  <span className="flex items-center gap-1.5" title={`${outlook.freeStands} of ${stands} stands free. ${outlook.sentence}`}>
                    <span
                      className={cx('text-[11.5px]', outlook.outlook === 'FULL' ? 'font-bold text-vermilion' : 'font-normal text-soft')}
                    >
                      {outlook.outlook === 'GOOD' ? '' : outlook.outlook.toLowerCase()}
                    </span>
                    <FreeStands free={outlook.freeStands} stands={stands} small />
                    <span className="sr-only">
                      {outlook.freeStands} of {stands} stands free
                    </span>
                  </span>
                )}
              </h3>
              {open ? (
                theirs.map((b) => (
                  <FloorBikeCard key={b.job.number} bike={b} scale={0.056} maxWidth={150} onMove={onMove} className="mt-1">
                    <Tag bike={b} className="mt-0.5" />
                  </FloorBikeCard>
                ))
              ) : (
                <button
                  type="button"
                  onClick={() => setUnfolded([...unfolded, d])}
                  className="tag mt-0.5 block min-h-8 w-full px-3 py-1 text-left text-[12.5px]"
                >
                  {theirs.map((b) => (
                    <span key={b.job.number} className="block truncate">
                      <b className="figure">{b.job.number}</b> {b.job.customer}
                    </span>
                  ))}
                </button>
              )}
            </section>
          )
        })}
        {bikes.length === 0 && <p className="pt-2 text-[13px] text-soft">Nobody is expected. Book a bike in, and it is awaited here.</p>}
      </Scroller>
      {mayBook && (
        <Link to="/book" className="m-3.5 block">
          <Button hotkey="B" tabIndex={-1} className="w-full">
            Book a bike in
          </Button>
        </Link>
      )}
    </aside>
  )
}

function Rail({ bikes, all, now, onMove }: { bikes: FloorBike[]; all: FloorBike[]; now: string; onMove: (b: FloorBike) => void }) {
  const asks = all.filter((b) => b.asks !== '').sort((a, b) => (a.asks < b.asks ? -1 : 1))
  return (
    <aside className="flex min-h-0 flex-col bg-edge">
      <DropSpot spot={{ to: 'RAIL' }} aria-label="Rail" scrolls className="max-h-[52%] min-h-[120px] px-3.5 pb-2">
        <PlaceName className="pt-2.5 pb-1">Rail</PlaceName>
        {bikes.map((b) => (
          <FloorBikeCard key={b.job.number} bike={b} scale={0.056} maxWidth={150} onMove={onMove} className="mb-1.5">
            <Tag bike={b} className="mt-0.5" />
          </FloorBikeCard>
        ))}
        {bikes.length === 0 && <p className="text-[13px] text-soft">Finished bikes hang here until they are collected.</p>}
      </DropSpot>
      <Scroller as="section" aria-label="Asks you" className="mt-auto min-h-0 overflow-y-auto border-t border-line px-3.5 pt-2 pb-3">
        <h2 className="mb-1.5 text-[14px]">Asks you, {asks.length}</h2>
        <ul className="space-y-1.5">
          {asks.map((b) => (
            <li key={b.job.number}>
              <Link
                to={pathOf(b)}
                className={cx(
                  'block border-l-4 py-0.5 pl-2.5 text-[13px] leading-[1.25] hover:bg-paper',
                  b.tone === 'STUCK' ? 'border-vermilion' : 'border-petrol',
                )}
              >
                <b className="figure text-[12px]">{b.job.number}</b> {b.line}
                {b.stuckSince && <span className="text-soft"> · {since(b.stuckSince, now)}</span>}
              </Link>
            </li>
          ))}
          {asks.length === 0 && <li className="text-[13px] text-soft">Nothing. Every bike knows its next step.</li>}
        </ul>
      </Scroller>
    </aside>
  )
}
