import { useState } from 'react'
import { useSearchParams } from 'react-router'
import { Button } from '../../ui/Button'
import { cx } from '../../ui/cx'
import { Loaded } from '../../ui/Loaded'
import { useMay } from '../session/useSession'
import { BringIn } from './BringIn'
import { begun, NewSheet } from './NewSheet'
import { SheetEditor } from './SheetEditor'
import { useBatteryText, useSheetText, useShelf, type SheetHead } from './useKits'
import type { Schemas } from '../../api/client'

export function KitsPage() {
  return (
    <Loaded query={useShelf()} what="The kit sheets">
      {(shelf) => <Sheets shelf={shelf} />}
    </Loaded>
  )
}

/** Every kit sheet with its variants, the batteries, and the sheet in hand beside them. */
function Sheets({ shelf }: { shelf: Schemas['Shelf'] }) {
  const may = useMay()
  const [search, setSearch] = useSearchParams()
  const [text, setText] = useState('')
  const words = text.toLowerCase().split(/\s+/).filter(Boolean)
  const has = (said: string) => words.every((w) => said.toLowerCase().includes(w))
  const sheets = shelf.sheets.filter((s) =>
    has(`${s.code} ${s.maker} ${s.name} ${s.family} ${s.variants.map((v) => `${v.code} ${v.name}`).join(' ')}`),
  )
  const batteries = shelf.batteries.filter((b) => has(`${b.code} ${b.name} ${b.voltage} ${b.hold}`))
  const chosen = search.get('sheet') ?? ''
  const battery = search.get('battery') ?? ''
  const making = search.has('new') && may('KEEP_SHEETS')
  const reading = chosen !== '' || battery !== '' || making
  return (
    <div
      className={cx(
        'grid flex-1 items-start gap-5 px-6 pt-4 pb-6',
        reading ? 'grid-cols-[250px_minmax(0,1fr)]' : 'grid-cols-[420px_minmax(0,1fr)]',
      )}
    >
      <div className="min-w-0">
        <div className={cx('flex items-end', reading ? 'gap-2' : 'gap-4')}>
          <h1 className="text-[26px]">Kits</h1>
          <input
            aria-label="Filter the sheets"
            placeholder="Type to filter: hub, 48 V, TN9 …"
            value={text}
            onChange={(e) => setText(e.target.value)}
            className="h-10 min-w-0 flex-1 border border-soft/60 bg-paper px-3 text-[15px]"
          />
        </div>
        {may('KEEP_SHEETS') && !making && (
          <Button look="quiet" className="mt-3 w-full" onClick={() => setSearch({ new: '' }, { replace: true })}>
            {begun() === undefined ? 'Make a new sheet' : 'Go on with the sheet you began'}
          </Button>
        )}
        <ul className="mt-3 bg-paper">
          {sheets.map((s) => (
            <SheetLine
              key={s.code}
              sheet={s}
              narrow={reading}
              chosen={chosen === s.code}
              onChoose={() => setSearch({ sheet: s.code }, { replace: true })}
            />
          ))}
          {sheets.length === 0 && (
            <li className="px-3 py-3 text-soft">
              {shelf.sheets.length === 0 ? 'No kit sheet is here yet: bring the first one in.' : `No sheet is called “${text}”.`}
            </li>
          )}
        </ul>
        <h2 className="mt-5 border-b-2 border-ink pb-0.5 text-[17px]">Batteries</h2>
        <table className="w-full bg-paper text-[13.5px]" aria-label="Batteries">
          <tbody>
            {batteries.map((b) => (
              <tr key={b.code} className={cx('border-b border-line', battery === b.code && 'bg-paint-pale')}>
                <td className="px-3 py-0.5">
                  <button
                    type="button"
                    aria-pressed={battery === b.code}
                    onClick={() => {
                      setSearch({ battery: b.code }, { replace: true })
                      window.scrollTo({ top: 0 })
                    }}
                    className="min-h-8 text-left font-semibold underline decoration-line underline-offset-2 hover:decoration-ink"
                  >
                    {b.name}
                  </button>
                </td>
                {!reading && (
                  <>
                    <td className="figure px-2 py-1.5 whitespace-nowrap">{b.watts}</td>
                    <td className="figure px-2 py-1.5 whitespace-nowrap">{b.mass}</td>
                    <td className="px-2 py-1.5 text-[12.5px] text-soft">{b.hold}</td>
                    <td className={cx('figure px-3 py-1.5 text-right whitespace-nowrap', b.free <= 0 && 'text-vermilion')}>
                      {b.free} free
                    </td>
                  </>
                )}
              </tr>
            ))}
          </tbody>
        </table>
        {may('KEEP_SHEETS') && <BringIn onSheet={(code) => setSearch({ sheet: code }, { replace: true })} />}
      </div>
      {making ? (
        <NewSheet
          shelf={shelf}
          onSaved={(code) => setSearch({ sheet: code }, { replace: true })}
          onLeave={() => setSearch({}, { replace: true })}
        />
      ) : battery !== '' ? (
        <ChosenBattery key={battery} code={battery} />
      ) : chosen === '' ? (
        <p className="mt-12 max-w-md text-[15px] text-soft">
          Pick a sheet to read or change it. A sheet holds what its maker publishes: every check takes its figures from here. Its variants
          say only what is different.
        </p>
      ) : (
        <Chosen key={chosen} code={chosen} />
      )}
    </div>
  )
}

function SheetLine({ sheet, narrow, chosen, onChoose }: { sheet: SheetHead; narrow: boolean; chosen: boolean; onChoose: () => void }) {
  const free = sheet.variants.reduce((n, v) => n + v.boxesFree, 0)
  return (
    <li className="border-b border-line" data-sheet={sheet.code}>
      <button
        type="button"
        aria-pressed={chosen}
        onClick={onChoose}
        className={cx(
          'grid w-full items-baseline gap-2 px-3 py-2 text-left',
          narrow ? 'grid-cols-[64px_minmax(0,1fr)]' : 'grid-cols-[74px_minmax(0,1fr)_auto]',
          chosen ? 'bg-paint-pale outline-[3px] -outline-offset-[3px] outline-paint' : 'hover:bg-paint-pale',
        )}
      >
        <b className="figure">{sheet.code}</b>
        <span className="min-w-0">
          <span className="block truncate font-semibold">
            {sheet.maker} {sheet.name}
          </span>
          <span className="text-[12.5px] text-soft">
            {sheet.family}
            {sheet.variants.length > 1 && ` · ${sheet.variants.length - 1} more ${sheet.variants.length === 2 ? 'variant' : 'variants'}`}
          </span>
        </span>
        {!narrow && <span className={cx('figure text-[13px]', free === 0 && 'text-soft')}>{free === 0 ? 'to order' : `${free} free`}</span>}
      </button>
    </li>
  )
}

function Chosen({ code }: { code: string }) {
  return (
    <Loaded query={useSheetText(code)} what={`The sheet of ${code}`}>
      {(sheet) => <SheetEditor key={sheet.version} sheet={sheet} />}
    </Loaded>
  )
}

function ChosenBattery({ code }: { code: string }) {
  return (
    <Loaded query={useBatteryText(code)} what={`The sheet of battery ${code}`}>
      {(sheet) => <SheetEditor key={sheet.version} sheet={sheet} of="battery" />}
    </Loaded>
  )
}
