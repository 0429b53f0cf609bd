import { useState } from 'react'
import { JobHead } from '../../app/JobHead'
import { date } from '../../quantity/units'
import { Button } from '../../ui/Button'
import { Loaded } from '../../ui/Loaded'
import { cx } from '../../ui/cx'
import { useJobNumber } from '../survey/useSheet'
import { signed } from './amounts'
import { CreditDialog } from './CreditDialog'
import { InvoiceDialog } from './InvoiceDialog'
import { PaperList } from './PaperList'
import { TakeMoney } from './TakeMoney'
import { WrongDialog } from './WrongDialog'
import { useJobMoney, type JobMoney } from './useMoney'

/** The money of one job: what is owed and why, what came, what is open, and the papers of it. */
export function JobMoneyPage() {
  const job = useJobNumber()
  return (
    <Loaded query={useJobMoney(job)} what={`The money of job ${job}`}>
      {(money) => (
        <>
          <JobHead job={money.job} />
          <div className="grid grid-cols-[minmax(0,1fr)_350px] items-start gap-5 px-6 pt-3 pb-6 max-lg:grid-cols-1">
            <div className="space-y-5">
              <Lines money={money} />
              <Payments money={money} />
              {money.papers.length > 0 && (
                <section aria-label="Documents" className="bg-paper px-5 pt-3 pb-4">
                  <h2 className="text-[19px]">Documents</h2>
                  <p className="mb-1 text-[13px] text-soft">Each stays as it was handed over. What was wrong is put right by another.</p>
                  <PaperList papers={money.papers} />
                </section>
              )}
            </div>
            <Account money={money} />
          </div>
        </>
      )}
    </Loaded>
  )
}

/** What is owed, line by line: by the invoice that stands, else by the bill. */
function Lines({ money }: { money: JobMoney }) {
  const [crediting, setCrediting] = useState(false)
  const lines = money.invoice?.lines ?? money.owed?.lines ?? []
  const taxes = money.invoice?.taxes ?? money.owed?.taxes ?? []
  return (
    <section aria-label="What is owed" className="bg-paper px-5 pt-3 pb-4">
      <div className="flex items-baseline gap-4">
        <h2 className="text-[19px]">
          {money.invoice ? `Invoice ${money.invoice.number}` : money.owed ? `Owed by ${money.owed.what}` : 'Nothing is owed'}
        </h2>
        {money.invoice && (
          <Button look="quiet" className="ml-auto min-h-9 py-1" onClick={() => setCrediting(true)}>
            Credit it
          </Button>
        )}
      </div>
      {money.otherwise && <p className="mt-1 border-l-[5px] border-vermilion pl-3 text-[14px] font-semibold">{money.otherwise}</p>}
      {lines.length === 0 ? (
        <p className="mt-1 text-[14px] text-soft">There is no bill yet. Once one is made, its lines and the deposit stand here.</p>
      ) : (
        <table className="mt-1 w-full text-[14px]">
          <thead>
            <tr className="text-left text-[12.5px] text-soft">
              <th className="w-10 font-normal">
                <span className="sr-only">Count</span>
              </th>
              <th className="font-normal">before tax</th>
              <th className="w-14 text-right font-normal">tax</th>
              <th className="w-24 text-right font-normal">each, {money.currency}</th>
              <th className="w-24 text-right font-normal">sum</th>
            </tr>
          </thead>
          <tbody>
            {lines.map((l) => (
              <tr key={l.place} className={cx('border-t border-line align-baseline', l.credited && 'text-soft line-through')}>
                <td className="figure py-1 pr-2 text-right">{l.count}</td>
                <td className="py-1">
                  {l.text}
                  {l.credited && <span className="sr-only"> (credited)</span>}
                </td>
                <td className="figure py-1 text-right text-soft">{l.taxPercent} %</td>
                <td className="figure py-1 text-right">{signed(l.each)}</td>
                <td className="figure py-1 text-right">{signed(l.sum)}</td>
              </tr>
            ))}
          </tbody>
          <tfoot>
            {taxes.map((t) => (
              <tr key={t.percent} className="border-t border-ink/40 align-baseline text-soft">
                <td />
                <td className="py-1" colSpan={3}>
                  {t.percent} % tax on <span className="figure">{signed(t.net)}</span>
                </td>
                <td className="figure py-1 text-right">{signed(t.tax)}</td>
              </tr>
            ))}
            <tr className="border-t-2 border-ink align-baseline font-semibold">
              <td />
              <td className="py-1" colSpan={3}>
                {money.invoice && money.invoice.standing !== money.invoice.total ? 'Total, without the credited lines' : 'Total'}
              </td>
              <td className="figure py-1 text-right">{money.invoice?.standing ?? money.owed?.total}</td>
            </tr>
          </tfoot>
        </table>
      )}
      {!money.invoice && money.owed && money.owed.unpriced.length > 0 && (
        <p className="mt-2 border-l-[5px] border-paint pl-3 text-[14px]">
          Without a price yet, on top: {money.owed.unpriced.map((u) => u.name).join(', ')}. The invoice asks for them.
        </p>
      )}
      {crediting && money.invoice && <CreditDialog job={money.job.number} invoice={money.invoice} onClose={() => setCrediting(false)} />}
    </section>
  )
}

function Payments({ money }: { money: JobMoney }) {
  const [wrong, setWrong] = useState<string>()
  return (
    <section aria-label="Payments" className="bg-paper px-5 pt-3 pb-4">
      <h2 className="text-[19px]">Payments</h2>
      {money.payments.length === 0 && <p className="text-[14px] text-soft">Nothing was paid yet.</p>}
      <ul>
        {money.payments.map((p) => (
          <li key={p.receipt} data-payment={p.receipt} className="flex items-baseline gap-3 border-t border-line py-1.5 text-[14px]">
            <span className="w-28 whitespace-nowrap text-soft">{date(p.on)}</span>
            <span className="min-w-0 flex-1">
              {p.how}
              {p.back && !p.wrong && ', given back'}
              <span className="text-[13px] text-soft">
                {' '}
                {p.note && `· ${p.note} `}· {p.by}
              </span>
            </span>
            {p.wrong ? (
              <span className="text-[13px] text-soft">{p.back ? 'takes one back' : 'was wrong'}</span>
            ) : (
              <button
                type="button"
                aria-label={`Receipt ${p.receipt} is wrong`}
                className="text-[13px] underline underline-offset-2"
                onClick={() => setWrong(p.receipt)}
              >
                is wrong
              </button>
            )}
            <span className={cx('figure w-24 text-right', p.wrong && 'text-soft line-through', p.back && !p.wrong && 'text-vermilion')}>
              {p.back && '− '}
              {p.amount}
            </span>
          </li>
        ))}
      </ul>
      {wrong && <WrongDialog job={money.job.number} receipt={wrong} onClose={() => setWrong(undefined)} />}
    </section>
  )
}

function Account({ money }: { money: JobMoney }) {
  const [invoicing, setInvoicing] = useState(false)
  const back = money.due.startsWith('-')
  const total = money.invoice?.standing ?? money.owed?.total ?? '0.00'
  return (
    <aside className="sheet px-5 pt-4 pb-5" aria-label="Account">
      <h2 className="text-[13px] font-semibold text-soft">
        {money.currency} {back ? 'to give back' : 'to pay now'}
      </h2>
      <p className={cx('figure text-[40px] leading-none font-bold', back && 'text-vermilion')}>{money.due.replace('-', '')}</p>
      <p className="mt-1 text-[14px] first-letter:uppercase">{money.said}.</p>
      <dl className="mt-3 grid grid-cols-[1fr_auto] border-t border-manila-line pt-2 text-[14px]">
        <dt>{money.invoice ? 'Invoice, with tax' : money.owed?.what === 'the last bill' ? 'Last bill, with tax' : 'Bill, with tax'}</dt>
        <dd className="figure text-right">{total}</dd>
        {!money.invoice && money.owed && money.owed.deposit !== '0.00' && (
          <>
            <dt className="text-soft">of it as deposit</dt>
            <dd className="figure text-right text-soft">{money.owed.deposit}</dd>
          </>
        )}
        <dt>Paid</dt>
        <dd className="figure text-right">− {money.paid}</dd>
        <dt className="border-t border-ink pt-1 font-semibold">{money.left.startsWith('-') ? 'Paid too much' : 'Left to pay'}</dt>
        <dd className="figure border-t border-ink pt-1 text-right font-semibold">{money.left.replace('-', '')}</dd>
      </dl>
      {money.left !== '0.00' && <TakeMoney key={`${money.due} ${money.left}`} money={money} />}
      {!money.invoice && (
        <div className="mt-4 border-t border-manila-line pt-3">
          {money.mayInvoice.allowed ? (
            <Button
              className="w-full"
              look={money.left === '0.00' || money.due === '0.00' ? 'act' : 'quiet'}
              onClick={() => setInvoicing(true)}
            >
              Write the invoice
            </Button>
          ) : (
            <p className="text-[13.5px] text-soft">{money.mayInvoice.reason}</p>
          )}
        </div>
      )}
      {invoicing && <InvoiceDialog money={money} onClose={() => setInvoicing(false)} />}
    </aside>
  )
}
