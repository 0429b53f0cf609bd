import { useQuery } from '@tanstack/react-query'
import { Link, useSearchParams } from 'react-router'
import { answered, api, type Schemas } from '../../api/client'
import { Bike } from '../../drawing/Bike'
import { date } from '../../quantity/units'
import { cx } from '../../ui/cx'
import { Loaded } from '../../ui/Loaded'
import { useSession } from '../session/useSession'
import { hour } from './floor'
import { StockDay } from './StockDay'
import { useDrawings } from './useAhead'

type OwnDay = Schemas['OwnDayView']
type Turn = Schemas['TurnView']

/** What whoever is signed in does today, in order: where, with what, and whom to call. */
export function MyDayPage() {
  const roles = useSession().data?.who?.roles ?? []
  const [search] = useSearchParams()
  const both = roles.includes('STOCK_KEEPER') && roles.includes('TECHNICIAN')
  const drawers = roles.includes('STOCK_KEEPER') && (!both || search.has('drawers'))
  return (
    <>
      {both && (
        <nav aria-label="Parts of your day" className="mx-auto flex w-full max-w-[1040px] gap-5 px-6 pt-3 text-[14px]">
          {[
            ['/my-day', 'At the stands', !drawers],
            ['/my-day?drawers', 'For the drawers', drawers],
          ].map(([to, words, on]) => (
            <Link
              key={String(to)}
              to={String(to)}
              aria-current={on ? 'page' : undefined}
              className={cx('border-b-2 pb-0.5', on ? 'border-ink font-semibold' : 'border-transparent text-soft')}
            >
              {words}
            </Link>
          ))}
        </nav>
      )}
      {drawers ? <StockDay /> : <Own />}
    </>
  )
}

function Own() {
  const [search] = useSearchParams()
  const day = search.get('date') ?? undefined
  const mine = useQuery({
    queryKey: ['plan', 'mine', day],
    queryFn: () => answered(api.GET('/api/plan/mine', { params: { query: { date: day } } })),
  })
  return (
    <Loaded query={mine} what="Your day">
      {(own) => <Day own={own} />}
    </Loaded>
  )
}

function Day({ own }: { own: OwnDay }) {
  const drawings = useDrawings(own.turns.map((t) => t.job)).data
  return (
    <div className="mx-auto w-full max-w-[1040px] px-6 pt-4 pb-8">
      <h1 className="text-[26px]">
        {own.person}, {date(own.date)}
      </h1>
      {own.away && <p className="mt-1 text-[16px]">Away: {own.away}.</p>}
      {own.turns.length === 0 && !own.away && (
        <p className="mt-1 text-[16px] text-soft">
          Nothing is planned for you on this day. The manager sees on Ahead what is waiting for hands.
        </p>
      )}
      <ol className="mt-3 space-y-2">
        {own.turns.map((t, i) => (
          <TurnRow key={`${t.job} ${t.from}`} turn={t} sameBike={own.turns[i - 1]?.job === t.job} drawing={drawings?.get(t.job)} />
        ))}
      </ol>
      {own.charge.length > 0 && (
        <p className="mt-4 border-l-[6px] border-paint bg-paper px-4 py-3 text-[16px]">
          Before you go home, put the batteries of{' '}
          {own.charge.map((n, i) => (
            <span key={n}>
              {i > 0 && (i === own.charge.length - 1 ? ' and ' : ', ')}
              <b className="figure">{n}</b>
            </span>
          ))}{' '}
          on their own chargers: they get power the next day you are here. Never charge one unattended, damaged, wet or frozen.
        </p>
      )}
      <p className="no-print mt-4 flex gap-5 text-[15px]">
        {own.next && (
          <Link to={`/my-day?date=${own.next}`} className="underline underline-offset-4">
            Next: {date(own.next)}
          </Link>
        )}
        <Link to="/ahead?face=hands" className="underline underline-offset-4">
          Everybody’s days
        </Link>
      </p>
    </div>
  )
}

function TurnRow({ turn, sameBike, drawing }: { turn: Turn; sameBike: boolean; drawing: Schemas['BikeDrawing'] | undefined }) {
  const move = !sameBike && turn.stand !== undefined && turn.isOn !== turn.stand
  return (
    <li>
      <Link
        to={`/stand/${turn.job}`}
        className="grid min-h-[72px] grid-cols-[112px_132px_minmax(0,1fr)_170px] items-center gap-4 bg-paper px-4 py-2 hover:bg-paint-pale"
      >
        <span className="figure text-[19px] font-bold">
          {hour(turn.from)}
          <span className="block text-[14px] font-normal text-soft">to {hour(turn.to)}</span>
        </span>
        <span className={cx('flex items-end justify-center', sameBike && 'opacity-40')}>
          {drawing && <Bike drawing={drawing} paint={turn.paint} scale={0.05} maxWidth={124} maxHeight={62} fine={false} label="" />}
        </span>
        <span className="min-w-0">
          <span className="block truncate text-[18px]">
            <b className="figure">{turn.job}</b> {turn.bike}: {turn.title}
          </span>
          {turn.tools.length > 0 && <span className="block text-[14px] text-soft">Fetch: {turn.tools.join(', ')}</span>}
          {turn.holds.length > 0 && (
            <span className="block text-[14px]">
              Hold point{turn.holds.length > 1 && 's'}: {turn.holds.join('; ')}.{' '}
              {turn.lookers.length > 0 ? `Call ${turn.lookers.join(' or ')}.` : 'Nobody is in then who may look.'}
            </span>
          )}
          {turn.learner && turn.holds.length === 0 && (
            <span className="block text-[14px]">You are learning this work: {turn.lookers.join(' or ')} looks at it.</span>
          )}
        </span>
        <span className="text-right text-[17px] font-semibold">
          {turn.stand === undefined ? turn.placeLabel : `stand ${turn.stand}`}
          {move && (
            <span className="block text-[13.5px] font-normal text-soft">
              {turn.isOn === undefined ? 'bring it there first' : `it is on stand ${turn.isOn} now`}
            </span>
          )}
        </span>
      </Link>
    </li>
  )
}
