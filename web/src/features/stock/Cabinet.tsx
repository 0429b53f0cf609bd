import { memo, useMemo } from 'react'
import { cx } from '../../ui/cx'
import type { Row } from './useStock'

const MOST_FACES = 240

interface Face {
  place: string
  parts: number
  low: boolean
  empty: boolean
}

const byPlace = new Intl.Collator(undefined, { numeric: true })

/** Drawers in the order one reads them; sorted once, as long as the same parts lie there. */
export function ranksOf(rows: Row[]): Map<string, number> {
  return new Map([...new Set(rows.map((r) => r.place))].sort(byPlace.compare).map((place, i) => [place, i]))
}

function facesOf(rows: Row[], ranks: Map<string, number>): Face[] {
  const faces = new Map<string, Face>()
  for (const r of rows) {
    const face = faces.get(r.place)
    if (face === undefined) {
      faces.set(r.place, { place: r.place, parts: 1, low: r.low, empty: r.onHand === 0 })
    } else {
      face.parts++
      face.low ||= r.low
      face.empty &&= r.onHand === 0
    }
  }
  return [...faces.values()].sort((a, b) => (ranks.get(a.place) ?? 0) - (ranks.get(b.place) ?? 0))
}

const cabinetOf = (place: string) => place.replace(/[\s-]*\d+$/, '')

/** The cabinet from the front: a face for each drawer, its label in the middle; a red edge where something runs low, open where nothing lies in it. @param ranks the order of all drawers */
export const Cabinet = memo(function Cabinet({
  rows,
  ranks,
  chosen,
  onChoose,
}: {
  rows: Row[]
  ranks: Map<string, number>
  chosen: string
  onChoose: (place: string) => void
}) {
  const faces = useMemo(() => facesOf(rows, ranks), [rows, ranks])
  const cabinets = new Map<string, Face[]>()
  faces.slice(0, MOST_FACES).forEach((f) => cabinets.set(cabinetOf(f.place), [...(cabinets.get(cabinetOf(f.place)) ?? []), f]))
  return (
    <nav aria-label="Cabinet" className="max-h-[calc(100vh-150px)] overflow-y-auto pr-1">
      {[...cabinets].map(([name, drawers]) => (
        <section key={name} className="mb-2.5 border border-ink/55 bg-edge p-1.5">
          <h2 className="label px-0.5 pb-1 text-[12.5px]">{name}</h2>
          <div className="grid grid-cols-4 gap-1">
            {drawers.map((f) => (
              <button
                key={f.place}
                type="button"
                aria-pressed={chosen === f.place}
                aria-label={`Drawer ${f.place}, ${f.parts} ${f.parts === 1 ? 'part' : 'parts'}${f.low ? ', something runs low' : ''}${f.empty ? ', empty' : ''}`}
                onClick={() => onChoose(chosen === f.place ? '' : f.place)}
                className={cx(
                  'relative flex h-[38px] flex-col items-center justify-center border text-[12px]',
                  chosen === f.place
                    ? 'border-ink bg-paint font-bold'
                    : f.empty
                      ? 'border-dashed border-ink/50 bg-floor hover:bg-paint-pale'
                      : 'border-ink/45 bg-paper hover:bg-paint-pale',
                )}
              >
                <span className="figure leading-tight whitespace-nowrap">{f.place.replace(`${name} `, '')}</span>
                <span aria-hidden="true" className="mt-0.5 h-[3px] w-4 bg-ink/55" />
                {f.low && <span aria-hidden="true" className="absolute right-0 bottom-0 left-0 h-[3px] bg-vermilion" />}
              </button>
            ))}
          </div>
        </section>
      ))}
      {faces.length > MOST_FACES && <p className="text-[12.5px] text-soft">{faces.length - MOST_FACES} more drawers: type to narrow.</p>}
    </nav>
  )
})
