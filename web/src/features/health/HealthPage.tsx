import { useQuery } from '@tanstack/react-query'
import { answered, api, type Schemas } from '../../api/client'
import { moment } from '../../quantity/units'
import { Button } from '../../ui/Button'
import { cx } from '../../ui/cx'
import { Loaded } from '../../ui/Loaded'

type Health = Schemas['HealthView']

const BAR = { GOOD: 'bg-petrol', LOOK: 'bg-paint', BAD: 'bg-vermilion' } as const

/** Backup, disk, database, clock and devices, in the words of the console. */
export function HealthPage() {
  const health = useQuery({
    queryKey: ['health'],
    queryFn: () => answered(api.GET('/api/health')),
    staleTime: 0,
    refetchOnMount: 'always',
  })
  return (
    <div className="mx-auto w-full max-w-[980px] px-6 pt-4 pb-8">
      <Loaded query={health} what="The health of the shop">
        {(h) => (
          <>
            <div className="flex items-end gap-6">
              <div>
                <h1 className="text-[26px]">Health of the shop</h1>
                <p className="text-[14px] text-soft">
                  {h.worst === 'GOOD'
                    ? 'Everything is well.'
                    : h.worst === 'LOOK'
                      ? 'It runs; something wants a look.'
                      : 'Something is bad: see to it today.'}{' '}
                  Read {moment(h.read)}. The console says the same: ./yard doctor.
                </p>
              </div>
              <Button look="quiet" className="ml-auto min-h-9 py-1" disabled={health.isFetching} onClick={() => void health.refetch()}>
                Read again
              </Button>
            </div>
            <Signs health={h} />
            <Audits />
            <p className="mt-4 text-[13px] text-soft">
              {h.version && `Hinge Yard ${h.version}, `}Java {h.java}. What to do when something is lost, moved or upgraded stands in
              docs/operating.md.
            </p>
          </>
        )}
      </Loaded>
    </div>
  )
}

function Signs({ health }: { health: Health }) {
  return (
    <ul className="mt-3 bg-paper" aria-label="Signs">
      {health.signs.map((s) => (
        <li key={s.what} className="grid grid-cols-[8px_120px_110px_minmax(0,1fr)] items-stretch border-b border-line text-[14.5px]">
          <span aria-hidden="true" className={BAR[s.state]} />
          <b className="px-4 py-3">{s.what}</b>
          <span className={cx('py-3', s.state === 'BAD' ? 'font-bold text-vermilion' : s.state === 'LOOK' ? 'font-bold' : 'text-soft')}>
            {s.label}
          </span>
          <span className="py-3 pr-4">{s.said}</span>
        </li>
      ))}
    </ul>
  )
}

/** All audits, when somebody asks: they read everything there is. */
function Audits() {
  const audits = useQuery({
    queryKey: ['audits'],
    queryFn: async () => ({
      histories: (await answered(api.GET('/api/audit'))).length,
      stock: (await answered(api.GET('/api/drawers/audit'))).length,
      money: (await answered(api.GET('/api/money/audit'))).length,
    }),
    enabled: false,
  })
  return (
    <section aria-label="Audits" className="mt-5 flex items-center gap-5 bg-paper px-4 py-3 text-[14.5px]">
      <div className="min-w-0 flex-1">
        <h2 className="text-[17px]">Audits</h2>
        <p role="status">
          {audits.data
            ? audits.data.histories + audits.data.stock + audits.data.money === 0
              ? 'Every history follows from its entries, every drawer and every document adds up.'
              : `${audits.data.histories} histories, ${audits.data.stock} drawers and ${audits.data.money} documents or numbers do not add up: restore the last backup that was proven, and ask who was at the database.`
            : audits.error
              ? 'They could not be read. Try again.'
              : 'Every job’s history and the ledgers of stock and money computed anew. Each backup’s proof does the same.'}
        </p>
      </div>
      <Button look="quiet" disabled={audits.isFetching} onClick={() => void audits.refetch()}>
        {audits.isFetching ? 'Computing …' : 'Run the audits'}
      </Button>
    </section>
  )
}
