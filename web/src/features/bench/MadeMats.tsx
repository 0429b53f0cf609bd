import { useQuery } from '@tanstack/react-query'
import { useSearchParams } from 'react-router'
import { answered, api } from '../../api/client'
import { Body } from './Body'
import { PARTS, SHEETS, type Fields } from './kinds'
import { MatField, Pick } from './Typed'
import { typed, useMat, type Mat } from './useBench'

const LINK = 'inline-flex min-h-10 items-center bg-petrol px-4 text-[14px] font-semibold text-paper hover:bg-petrol-deep'

/** The kind by the address, and what its fields say, in their order; nothing while one of them is none. */
function useKind<T extends string>(tool: string, kinds: readonly (readonly [T, string, Fields])[]) {
  const [search, setSearch] = useSearchParams()
  const [kind, , fields] = kinds.find(([k]) => k === search.get('kind')) ?? kinds[0]!
  const usual = Object.fromEntries(kinds.flatMap(([k, , fs]) => fs.map(([f, , value]) => [`${k}.${f}`, value])))
  const linked = Object.fromEntries(
    fields.flatMap(([f]) => {
      const said = search.get(`of-${f}`)
      return said ? [[`${kind}.${f}`, said]] : []
    }),
  )
  const mat = useMat(tool, usual, linked)
  const given = fields.flatMap(([f]) =>
    mat
      .text(`${kind}.${f}`)
      .trim()
      .split(/[\s;]+/)
      .map(typed),
  )
  const measures = given.every((n) => n !== undefined) ? given : undefined
  const choose = (next: T) => {
    const params = new URLSearchParams(search)
    fields.forEach(([f]) => params.delete(`of-${f}`))
    params.set('kind', next)
    setSearch(params, { replace: true })
  }
  return { kind, fields, mat, measures, choose }
}

function MeasureFields({ mat, kind, fields, error }: { mat: Mat; kind: string; fields: Fields; error: Error | null }) {
  return (
    <div className="mt-2 flex flex-wrap gap-x-4 gap-y-1">
      {fields.map(([f, label]) => (
        <MatField
          key={f}
          mat={mat}
          field={`${kind}.${f}`}
          label={label}
          unit={['lanes', 'bolts', 'pairs', 'holes'].includes(f) ? '' : 'mm'}
          error={error}
          wide={f === 'marks'}
        />
      ))}
    </div>
  )
}

/** Pieces that are printed or turned: the body, what it weighs, and the file for the printer. */
export function MadeMat() {
  const { kind, fields, mat, measures, choose } = useKind('made', PARTS)
  const part = useQuery({
    queryKey: ['bench', 'made', kind, measures],
    queryFn: () => answered(api.GET('/api/bench/parts/{kind}', { params: { path: { kind }, query: { measures: measures! } } })),
    enabled: measures !== undefined,
    retry: false,
  })
  const made = measures && part.data
  return (
    <>
      <h2 className="text-[22px]">A piece to print or to turn</h2>
      <p className="mt-0.5 max-w-[86ch] text-[14.5px] text-soft">
        In the odd size that no drawer holds. Nothing that carries a rider, a brake or a battery alone is made here.
      </p>
      <div className="mt-2 w-fit">
        <Pick label="Piece" options={PARTS.map(([k, name]) => [k, name] as const)} value={kind} onChange={choose} />
      </div>
      <MeasureFields mat={mat} kind={kind} fields={fields} error={part.error} />
      {made && (
        <div className="mt-3 flex flex-wrap items-start gap-6">
          <Body points={made.points} triangles={made.triangles} label={made.name} />
          <div aria-live="polite" className="sheet max-w-[430px] px-6 py-4">
            <p className="text-[18px] leading-snug font-semibold">{made.name}</p>
            <p className="mt-1 text-[15px]">
              About <b className="figure">{made.grams < 10 ? made.grams.toFixed(1) : made.grams.toFixed(0)} g</b> and{' '}
              <b className="figure">{made.minutes} min</b> {kind === 'turned-ring' ? 'at the lathe' : 'on the printer'};{' '}
              <span className="figure">{made.size.map((s) => s.toFixed(1)).join(' × ')} mm</span> in all.
            </p>
            <p className="mt-2 text-[13px] text-soft">{made.note}</p>
            <div className="mt-3 flex gap-2">
              <a className={LINK} href={`/api/bench/parts/${kind}/stl?measures=${measures.join(',')}`}>
                STL, in mm
              </a>
              <a className={LINK} href={`/api/bench/parts/${kind}/3mf?measures=${measures.join(',')}`}>
                3MF
              </a>
            </div>
          </div>
        </div>
      )}
    </>
  )
}

/** Sheets at their true size, to cut out or to drill by. */
export function SheetMat() {
  const { kind, fields, mat, measures, choose } = useKind('sheet', SHEETS)
  const sheet = useQuery({
    queryKey: ['bench', 'sheet', kind, measures],
    queryFn: () => answered(api.GET('/api/bench/templates/{kind}', { params: { path: { kind }, query: { measures: measures! } } })),
    enabled: measures !== undefined,
    retry: false,
  })
  const drawn = measures && sheet.data
  return (
    <>
      <h2 className="text-[22px]">A sheet at its true size</h2>
      <p className="mt-0.5 max-w-[86ch] text-[14.5px] text-soft">
        Print it at 100 %, without fitting it to the page, and measure its line of 100 mm before you cut or drill.
      </p>
      <div className="mt-2 w-fit">
        <Pick label="Sheet" options={SHEETS.map(([k, name]) => [k, name] as const)} value={kind} onChange={choose} />
      </div>
      <MeasureFields mat={mat} kind={kind} fields={fields} error={sheet.error} />
      {drawn && (
        <div className="mt-3 flex flex-wrap items-start gap-6">
          <img
            src={`data:image/svg+xml,${encodeURIComponent(drawn.svg)}`}
            alt={`${drawn.title}, made smaller`}
            className="max-h-[360px] max-w-[520px] border border-line bg-paper"
          />
          <div aria-live="polite" className="sheet max-w-[400px] px-6 py-4">
            <p className="text-[18px] leading-snug font-semibold">{drawn.title}</p>
            <ul className="mt-1 text-[15px]">
              {drawn.words.map((w) => (
                <li key={w}>{w}</li>
              ))}
            </ul>
            <p className="mt-2 text-[13px] text-soft">
              <span className="figure">
                {drawn.width.toFixed(0)} × {drawn.height.toFixed(0)} mm
              </span>
              ; what is larger than a sheet of A4 comes on several, with crosses to lay them over one another.
            </p>
            <div className="mt-3 flex gap-2">
              <a className={LINK} target="_blank" rel="noreferrer" href={`/api/bench/templates/${kind}/pdf?measures=${measures.join(',')}`}>
                PDF, true size
              </a>
              <a className={LINK} href={`/api/bench/templates/${kind}/svg?measures=${measures.join(',')}`}>
                SVG
              </a>
            </div>
          </div>
        </div>
      )}
    </>
  )
}
