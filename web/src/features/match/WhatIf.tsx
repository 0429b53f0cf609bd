import { useState } from 'react'
import { useCatalogue, useSheet } from '../survey/useSheet'
import type { Schemas } from '../../api/client'
import { WORDS } from '../../drawing/Knuckle'
import { Button } from '../../ui/Button'
import { cx } from '../../ui/cx'
import { NOTHING, isSupposing, type Match, type Supposed } from './useMatch'

/** Suppose another measure, or that a part is not there, and see the verdicts move. Nothing is saved. */
export function WhatIf({
  match,
  now,
  supposed,
  onSuppose,
  refused,
  onClose,
}: {
  match: Match
  now: Match
  supposed: Supposed
  onSuppose: (s: Supposed) => void
  refused: string | undefined
  onClose: () => void
}) {
  const sheet = useSheet(match.job.number)
  const catalogue = useCatalogue()
  const [text, setText] = useState('')
  const cards = catalogue.data?.measures ?? []
  const fields = sheet.data?.fields ?? []
  const title = (key: string) => cards.find((c) => c.key === key)?.title ?? key
  const taken = (key: string) => fields.find((f) => f.key === key)?.taken?.text ?? 'not measured'
  const words = text.toLowerCase().split(/\s+/).filter(Boolean)
  const offered =
    words.length === 0
      ? []
      : fields
          .filter((f) => !(f.key in supposed.measures) && words.every((w) => `${title(f.key)} ${f.key}`.toLowerCase().includes(w)))
          .slice(0, 6)
  const drawers = [...match.findings, ...now.findings].flatMap((f) =>
    f.remedies.flatMap((r) => (r.part && r.part.supply === 'DRAWER' ? [r.part] : [])),
  )
  const parts = [
    ...new Map([
      ...drawers.map((p) => [p.partNumber, p.name] as const),
      ...supposed.without.filter((n) => !drawers.some((p) => p.partNumber === n)).map((n) => [n, n] as const),
    ]),
  ]
  const moved = now.findings.filter((f) => match.findings.find((b) => b.checkId === f.checkId)?.verdict !== f.verdict)
  return (
    <aside className="sticky top-4 self-start bg-paper px-5 pt-4 pb-5 outline-[3px] outline-paint" aria-label="What if">
      <h2 className="text-[18px]">What if</h2>
      <p className="text-[13px] text-soft">Suppose it were otherwise. Nothing is saved.</p>
      {Object.entries(supposed.measures).map(([key, value]) => (
        <div key={key} className="mt-2.5">
          <label className="block">
            <span className="label flex justify-between text-[14px]">
              {title(key)} <span className="figure font-normal text-soft">is {taken(key)}</span>
            </span>
            <span className="mt-0.5 flex">
              <Choice
                code={key}
                cards={cards}
                value={value}
                onChange={(v) => onSuppose({ ...supposed, measures: { ...supposed.measures, [key]: v } })}
              />
              <button
                type="button"
                aria-label={`No longer suppose ${title(key)}`}
                onClick={() =>
                  onSuppose({ ...supposed, measures: Object.fromEntries(Object.entries(supposed.measures).filter(([k]) => k !== key)) })
                }
                className="w-10 border border-l-0 border-soft/60 bg-floor hover:bg-ink hover:text-paper"
              >
                ×
              </button>
            </span>
          </label>
        </div>
      ))}
      <input
        aria-label="Suppose a measure"
        placeholder="Type a measure: shell, fork …"
        value={text}
        onChange={(e) => setText(e.target.value)}
        autoFocus={Object.keys(supposed.measures).length === 0}
        className="mt-3 h-10 w-full border border-soft/60 bg-paper px-2.5"
      />
      {offered.length > 0 && (
        <ul className="border border-t-0 border-soft/60">
          {offered.map((f) => (
            <li key={f.key}>
              <button
                type="button"
                className="flex min-h-9 w-full items-baseline justify-between gap-2 px-2.5 py-1.5 text-left text-[13.5px] hover:bg-paint-pale"
                onClick={() => {
                  setText('')
                  onSuppose({ ...supposed, measures: { ...supposed.measures, [f.key]: '' } })
                }}
              >
                {title(f.key)} <span className="figure text-[12.5px] text-soft">{taken(f.key)}</span>
              </button>
            </li>
          ))}
        </ul>
      )}
      {parts.length > 0 && (
        <fieldset className="mt-3">
          <legend className="label text-[14px]">Take another part: leave in its drawer</legend>
          {parts.map(([number, name]) => (
            <label key={number} className="flex min-h-9 cursor-pointer items-center gap-2.5 border-b border-line text-[13.5px]">
              <input
                type="checkbox"
                className="size-4 accent-petrol"
                checked={supposed.without.includes(number)}
                onChange={(e) =>
                  onSuppose({
                    ...supposed,
                    without: e.target.checked ? [...supposed.without, number] : supposed.without.filter((n) => n !== number),
                  })
                }
              />
              <span className="flex-1">{name}</span>
              <span className="figure text-[12px] text-soft">{number}</span>
            </label>
          ))}
        </fieldset>
      )}
      {refused && (
        <p role="alert" className="mt-3 text-[13px] font-semibold text-vermilion">
          {refused}
        </p>
      )}
      {isSupposing(supposed) && !refused && (
        <div className="mt-3" role="status">
          <h3 className="text-[14px]">
            {moved.length === 0 ? 'No verdict moves' : moved.length === 1 ? 'One verdict moves' : `${moved.length} verdicts move`}
          </h3>
          {moved.map((f) => (
            <p key={f.checkId} className={cx('text-[13.5px]', f.verdict === 'NO_FIT' && 'text-vermilion')}>
              <b>{f.title}</b>: {WORDS[f.verdict]}
            </p>
          ))}
        </div>
      )}
      <div className="mt-4 flex gap-2">
        <Button look="quiet" disabled={supposed === NOTHING} onClick={() => onSuppose(NOTHING)}>
          As it is
        </Button>
        <Button look="quiet" hotkey="W" onClick={onClose}>
          Close
        </Button>
      </div>
    </aside>
  )
}

function Choice({
  code,
  cards,
  value,
  onChange,
}: {
  code: string
  cards: Schemas['MeasureCard'][]
  value: string
  onChange: (v: string) => void
}) {
  const card = cards.find((c) => c.key === code)
  const options = card?.answer === 'CHOICE' ? card.options : []
  const look = 'h-10 min-w-0 flex-1 border border-soft/60 bg-paper px-2.5 text-[15px]'
  if (options.length === 0)
    return (
      <input
        aria-label={`Suppose ${code}`}
        value={value}
        onChange={(e) => onChange(e.target.value)}
        autoFocus
        className={cx('figure', look)}
      />
    )
  return (
    <select aria-label={`Suppose ${code}`} value={value} onChange={(e) => onChange(e.target.value)} className={look}>
      <option value="">as it is</option>
      {options.map((o) => (
        <option key={o.code} value={o.code}>
          {o.label}
        </option>
      ))}
    </select>
  )
}
