import { useState } from 'react'
import { Link } from 'react-router'
import { cx } from '../../ui/cx'
import { useDrawers } from '../stock/useStock'
import { Answered, KeptBefore } from './Answered'
import { MatField } from './Typed'
import { useMat, useStack } from './useBench'
import { Scroller } from '../../ui/Scroller'

/** A gap, the drawers that may fill it, and the sets that do. */
export function StackMat() {
  const mat = useMat('stack', { from: '2.9', to: '3.1', most: '4' })
  const drawers = useDrawers()
  const [sought, setSought] = useState('')
  const [parts, setParts] = useState<string[]>([])
  const [shown, setShown] = useState(0)
  const sized = (drawers.data ?? []).filter((d) => d.size)
  const usual = /washer|spacer|shim|stand-off|sleeve/
  const words = sought.toLowerCase().split(/\s+/).filter(Boolean)
  const listed = sized.filter(
    (d) =>
      (words.length > 0 || usual.test(d.usedAs)) &&
      words.every((w) => `${d.number} ${d.name} ${d.usedAs} ${d.place}`.toLowerCase().includes(w)),
  )
  const [from, to, most] = [mat.num('from'), mat.num('to'), mat.whole('most')]
  const given = from !== undefined && to !== undefined && most !== undefined && parts.length > 0 ? { from, to, parts, most } : undefined
  const stack = useStack(given)
  const answer = given ? stack.data : undefined
  const set = answer?.sets[Math.min(shown, answer.sets.length - 1)]
  const scale = 300 / Math.max(1, to ?? 3)
  let at = 60
  return (
    <>
      <h2 className="text-[22px]">A gap filled from the drawers</h2>
      <p className="mt-0.5 max-w-[86ch] text-[14.5px] text-soft">
        Feeler gauge into the gap: what does it want at least, what does it take at most? Then tick the drawers whose pieces go there.
      </p>
      <div className="mt-2 flex flex-wrap gap-8">
        <div className="w-[480px]">
          <svg viewBox="0 0 420 126" className="w-full" role="img" aria-label="The gap and the set, in section to scale">
            <path d="M20 12H60V118H20z" fill="var(--color-line)" stroke="var(--color-ink)" />
            {set?.pieces.flatMap((p) =>
              Array.from({ length: p.count }, (_, i) => {
                const x = at
                const w = p.thickness * scale
                at += w
                return (
                  <rect
                    key={`${p.part}-${i}`}
                    x={x}
                    y="30"
                    width={w}
                    height="70"
                    fill="var(--color-paint)"
                    stroke="var(--color-ink)"
                    strokeWidth="1.2"
                  >
                    <title>{p.name}</title>
                  </rect>
                )
              }),
            )}
            <path d={`M${60 + (to ?? 3) * scale} 12h40v106h-40z`} fill="var(--color-line)" stroke="var(--color-ink)" />
            <path d={`M${60 + (from ?? 0) * scale} 12V118`} stroke="var(--color-vermilion)" strokeDasharray="5 4" />
          </svg>
          <div className="flex flex-wrap gap-x-4">
            <MatField mat={mat} field="from" label="Gap, at least" unit="mm" error={stack.error} />
            <MatField mat={mat} field="to" label="at most" unit="mm" error={stack.error} />
            <MatField mat={mat} field="most" label="Pieces, at most" unit="" error={stack.error} />
          </div>
        </div>
        <div className="w-[400px]">
          <label className="label block text-[14px]">
            Drawers
            <input
              type="search"
              value={sought}
              placeholder="type to narrow"
              onChange={(e) => setSought(e.target.value)}
              className="mt-0.5 block h-10 w-full border border-soft/60 bg-paper px-2.5 text-[15px] font-normal"
            />
          </label>
          <Scroller
            as="ul"
            className="mt-1 max-h-[230px] overflow-y-auto border border-line bg-paper"
            aria-label="Drawers with spacers, washers and shims"
          >
            {listed.map((d) => (
              <li key={d.number} className="border-b border-line">
                <label className={cx('flex cursor-pointer items-center gap-2 px-2 py-1 text-[14px]', d.free < 1 && 'text-soft')}>
                  <input
                    type="checkbox"
                    className="size-4 accent-petrol"
                    checked={parts.includes(d.number)}
                    onChange={(e) => {
                      setShown(0)
                      setParts(e.target.checked ? [...parts, d.number] : parts.filter((p) => p !== d.number))
                    }}
                  />
                  <span className="flex-1">{d.name}</span>
                  <span className="figure text-[13px] text-soft">
                    {d.place}, {d.free} free
                  </span>
                </label>
              </li>
            ))}
            {drawers.data && listed.length === 0 && (
              <li className="px-2 py-1.5 text-[14px] text-soft">No drawer of that name has pieces with a thickness.</li>
            )}
          </Scroller>
          {parts.length === 0 && <p className="mt-1 text-[13.5px] text-soft">Tick at least one.</p>}
        </div>
      </div>
      {answer && (
        <Answered
          sentence={answer.sentence}
          warn={answer.sets.length === 0}
          keep={given && { stack: given }}
          how="What holds in the worst case of every piece’s tolerance comes first, then the fewest pieces; none is guessed. Nothing is taken out of a drawer here."
        >
          {answer.make !== undefined && (
            <p className="mt-1 text-[15px]">
              <Link className="underline underline-offset-2" to={`/bench?tool=made&kind=spacer-ring&of-height=${answer.make}`}>
                Make a ring of {answer.make.toFixed(2)} mm
              </Link>
            </p>
          )}
          <Scroller as="ol" className="mt-2 max-h-[190px] overflow-y-auto">
            {answer.sets.map((s, i) => (
              <li key={i}>
                <button
                  type="button"
                  aria-pressed={i === shown}
                  onClick={() => setShown(i)}
                  className={cx('w-full px-2 py-1 text-left text-[15px]', i === shown ? 'bg-paint/40' : 'hover:bg-ink/5')}
                >
                  <b className="figure">{s.sum.toFixed(2)} mm</b>: {s.pieces.map((p) => `${p.count} × ${p.name} (${p.place})`).join(', ')}
                  {s.worstCase ? '; holds in the worst case' : '; at nominal sizes only'}
                </button>
              </li>
            ))}
          </Scroller>
        </Answered>
      )}
      <KeptBefore tool="stack" />
    </>
  )
}
