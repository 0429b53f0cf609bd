import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import { answered, api, type Schemas } from '../../api/client'
import { Bike } from '../../drawing/Bike'
import { date, today } from '../../quantity/units'
import { cx } from '../../ui/cx'
import { Loaded } from '../../ui/Loaded'
import { hour } from './floor'
import { useDrawings } from './useAhead'

type Stock = Schemas['StockDayView']

/** What the plan asks of the drawers: trays to lay, and parts that must come by when. */
export function StockDay() {
  const stock = useQuery({ queryKey: ['plan', 'stock'], queryFn: () => answered(api.GET('/api/plan/stock')) })
  return (
    <Loaded query={stock} what="The drawers' day">
      {(s) => <Day stock={s} />}
    </Loaded>
  )
}

const at = (moment: string) => (moment.slice(0, 10) === today() ? hour(moment) : `${date(moment.slice(0, 10))} ${hour(moment)}`)

function Day({ stock }: { stock: Stock }) {
  const drawings = useDrawings(stock.trays.map((t) => t.job)).data
  return (
    <div className="mx-auto w-full max-w-[1180px] px-6 pt-4 pb-8">
      <h1 className="text-[26px]">The drawers, {date(stock.date)}</h1>
      <div className="mt-3 grid grid-cols-[minmax(0,1fr)_minmax(0,1.15fr)] items-start gap-8 max-[1000px]:grid-cols-1">
        <section aria-label="Trays to pick">
          <h2 className="border-b-2 border-ink pb-0.5 text-[19px]">Trays to pick</h2>
          <ul className="space-y-1.5 pt-1.5">
            {stock.trays.map((t) => (
              <li key={t.job}>
                <Link
                  to={`/jobs/${t.job}/bill`}
                  className="grid min-h-[64px] grid-cols-[92px_92px_minmax(0,1fr)] items-center gap-3 bg-paper px-3 py-1.5 hover:bg-paint-pale"
                >
                  <b className={cx('figure text-[16px] leading-tight', t.wanted.slice(0, 10) === stock.date && 'text-petrol')}>
                    {t.wanted.slice(0, 10) === stock.date ? 'today' : date(t.wanted.slice(0, 10))}
                    <span className="block">{hour(t.wanted)}</span>
                  </b>
                  <span className="flex items-end justify-center">
                    {drawings?.get(t.job) && (
                      <Bike
                        drawing={drawings.get(t.job)!}
                        paint={t.paint}
                        scale={0.04}
                        maxWidth={88}
                        maxHeight={50}
                        fine={false}
                        label=""
                      />
                    )}
                  </span>
                  <span className="min-w-0 text-[15px]">
                    <span className="block truncate">
                      <b className="figure">{t.job}</b> {t.bike}
                    </span>
                    <span className="block text-[13.5px] text-soft">
                      {t.laid} of {t.lines} picked; {t.person}
                      {t.stand !== undefined && `, stand ${t.stand}`}
                    </span>
                  </span>
                </Link>
              </li>
            ))}
            {stock.trays.length === 0 && <li className="px-3 py-2 text-soft">Every tray that is wanted within a week is picked.</li>}
          </ul>
        </section>
        <section aria-label="Parts that must come">
          <h2 className="border-b-2 border-ink pb-0.5 text-[19px]">Must come, or the job moves</h2>
          <ul className="space-y-1.5 pt-1.5">
            {stock.due.map((d) => (
              <li
                key={`${d.job} ${d.what} ${d.comes}`}
                className={cx('bg-paper px-3 py-1.5', d.later.length > 0 && 'border-l-[5px] border-vermilion')}
              >
                <p className="flex items-baseline gap-3 text-[15px]">
                  <span className="min-w-0 flex-1">
                    <Link to={`/ahead?job=${d.job}`} className="hover:underline">
                      <b className="figure">{d.job}</b> {d.bike}
                    </Link>
                    : {d.what}
                  </span>
                  <b className="figure whitespace-nowrap">by {at(d.needed)}</b>
                </p>
                <p className="text-[13.5px] text-soft">
                  {d.known ? 'Confirmed for' : 'Not confirmed; supposed for'} {at(d.comes)}.{' '}
                  {d.later.length === 0 ? 'A day later moves nobody.' : <span className="text-ink">A day later: {d.later.join(' ')}</span>}
                </p>
              </li>
            ))}
            {stock.due.length === 0 && <li className="px-3 py-2 text-soft">No planned job waits for a part.</li>}
          </ul>
        </section>
      </div>
    </div>
  )
}
