import { useState } from 'react'
import { Link } from 'react-router'
import { today } from '../../quantity/units'
import { Field } from '../../ui/Field'
import { Loaded } from '../../ui/Loaded'
import { cx } from '../../ui/cx'
import { monthOf, signed } from './amounts'
import { PaperList } from './PaperList'
import { useOpenMoney, usePapers, type OpenJob } from './useMoney'

const TABLES = [
  ['DAYS', 'By day and tax rate'],
  ['DOCUMENTS', 'Each invoice and credit note'],
  ['PAYMENTS', 'Each payment'],
] as const

/** The whole shop's money: who owes what, which documents there are, the accountant's tables. */
export function MoneyPage() {
  const [sought, setSought] = useState('')
  return (
    <Loaded query={useOpenMoney()} what="What is open">
      {(open) => {
        const has = (text: string) => text.toLowerCase().includes(sought.trim().toLowerCase())
        const jobs = open.jobs.filter((j) => has(`${j.job} ${j.customer} ${j.bike} ${j.invoice}`))
        return (
          <div className="px-6 pt-4 pb-8">
            <div className="flex items-end gap-8">
              <h1 className="text-[26px]">Money</h1>
              <p className="pb-1 text-[15px]">
                <b className="figure text-[22px]">
                  {open.currency} {open.due}
                </b>{' '}
                to be paid now
                {open.back !== '0.00' && (
                  <span className="text-vermilion">
                    , <b className="figure">{open.back}</b> to give back
                  </span>
                )}
              </p>
              <Field
                label="Find"
                hint="customer, job, bike, document"
                type="search"
                className="ml-auto w-72"
                value={sought}
                onChange={(e) => setSought(e.target.value)}
              />
            </div>
            <div className="mt-3 grid grid-cols-[minmax(0,1.15fr)_minmax(0,1fr)] items-start gap-6 max-lg:grid-cols-1">
              <section aria-label="Open" className="bg-paper px-5 pt-3 pb-4">
                <h2 className="text-[19px]">
                  Open <span className="figure text-[15px] text-soft">{open.jobs.length}</span>
                </h2>
                <OpenJobs jobs={jobs} currency={open.currency} />
                {jobs.length === 0 && (
                  <p className="mt-1 text-[14px] text-soft">
                    {open.jobs.length === 0
                      ? 'Every account is even. A bill that is agreed, a deposit that is missing and an invoice that is not paid stand here.'
                      : 'Nothing open is called that.'}
                  </p>
                )}
              </section>
              <Papers has={has} />
            </div>
          </div>
        )
      }}
    </Loaded>
  )
}

/** Jobs whose account is open, by customer where one has several. */
export function OpenJobs({ jobs, currency }: { jobs: OpenJob[]; currency: string }) {
  return (
    <ul className="mt-1">
      {jobs.map((j) => (
        <li
          key={j.job}
          data-open={j.job}
          className={cx(
            'border-t border-line border-l-[5px] py-1.5 pl-3',
            j.back || (j.due !== '0.00' && j.invoice)
              ? 'border-l-vermilion'
              : j.due !== '0.00' || j.write
                ? 'border-l-paint'
                : 'border-l-transparent',
          )}
        >
          <Link to={`/jobs/${j.job}/money`} className="group flex items-baseline gap-3 text-[14px]">
            <b className="figure">{j.job}</b>
            <span className="min-w-0 flex-1">
              <span className="font-semibold group-hover:underline">{j.customer}</span> <span className="text-soft">{j.bike}</span>
              <span className="block text-[13px] text-soft first-letter:uppercase">
                {j.said}
                {j.write && '; the invoice can be written'}
              </span>
            </span>
            <span className="text-right">
              <b className={cx('figure text-[15px]', j.back && 'text-vermilion')}>
                {j.back && '− '}
                {j.due}
              </b>
              <span className="block text-[12.5px] whitespace-nowrap text-soft">
                of {currency} <span className="figure">{signed(j.left)}</span> left
              </span>
            </span>
          </Link>
        </li>
      ))}
    </ul>
  )
}

function Papers({ has }: { has: (text: string) => boolean }) {
  const [[from, to], setDays] = useState(() => monthOf(today()))
  const whole = from !== '' && to !== ''
  return (
    <section aria-label="Documents" className="bg-paper px-5 pt-3 pb-4">
      <div className="flex items-end gap-3">
        <h2 className="mr-auto text-[19px]">Documents</h2>
        <Field label="From" type="date" value={from} onChange={(e) => setDays([e.target.value, to])} />
        <Field label="to" type="date" value={to} onChange={(e) => setDays([from, e.target.value])} />
      </div>
      {whole && <Found from={from} to={to} has={has} />}
      {whole && (
        <p className="mt-3 flex flex-wrap items-center gap-x-4 gap-y-1 border-t border-line pt-2 text-[13.5px]">
          <span className="text-soft">For the accountant, as CSV:</span>
          {TABLES.map(([table, name]) => (
            <a key={table} className="underline underline-offset-2" href={`/api/money/tables/${table}?from=${from}&to=${to}`} download>
              {name}
            </a>
          ))}
        </p>
      )}
    </section>
  )
}

function Found({ from, to, has }: { from: string; to: string; has: (text: string) => boolean }) {
  return (
    <Loaded query={usePapers(from, to)} what="The documents">
      {(papers) => {
        const shown = papers.filter((p) => has(`${p.job} ${p.customer} ${p.name} ${p.corrects}`))
        return shown.length > 0 ? (
          <PaperList papers={shown} jobs />
        ) : (
          <p className="mt-1 text-[14px] text-soft">
            {papers.length === 0 ? 'None was written in these days.' : 'None of them is called that.'}
          </p>
        )
      }}
    </Loaded>
  )
}
