import { useMemo, useState } from 'react'
import { Link, useSearchParams } from 'react-router'
import { JobHead } from '../../app/JobHead'
import type { Schemas } from '../../api/client'
import { DimensionedBike } from '../../drawing/DimensionedBike'
import { useUnits } from '../../quantity/units'
import { Button } from '../../ui/Button'
import { Loaded } from '../../ui/Loaded'
import { PhotoStrip } from '../photo/PhotoStrip'
import { useNarrow } from '../../ui/useNarrow'
import { useMay } from '../session/useSession'
import { MeasureList } from './MeasureList'
import { SurveyFrom } from './SurveyFrom'
import { useCatalogue, useJobNumber, useSheet, type Catalogue, type MeasureField } from './useSheet'

export function SheetPage() {
  const job = useJobNumber()
  const catalogue = useCatalogue()
  return (
    <Loaded query={useSheet(job)} what={`Bike sheet ${job}`}>
      {(sheet) => (
        <Loaded query={catalogue} what="The measures">
          {(all) => <Sheet key={job} sheet={sheet} catalogue={all} />}
        </Loaded>
      )}
    </Loaded>
  )
}

function Sheet({ sheet, catalogue }: { sheet: Schemas['Sheet']; catalogue: Catalogue }) {
  const units = useUnits()
  const may = useMay()
  const narrow = useNarrow()
  const job = sheet.job.number
  const fields = useMemo<MeasureField[]>(() => {
    const cards = new Map(catalogue.measures.map((m) => [m.key, m]))
    return sheet.fields.flatMap((f) => {
      const card = cards.get(f.key)
      return card ? [{ ...f, card }] : []
    })
  }, [sheet.fields, catalogue])
  const wanted = fields.filter((f) => f.holdsUp.length > 0)
  // A hinge that waits for a measure leads straight to it.
  const [search] = useSearchParams()
  const [selected, setSelected] = useState<string | undefined>(search.get('measure') ?? wanted[0]?.key)
  const drawn = sheet.drawing.dimensions.map((d) => d.measureKey)
  const clashing = new Set(sheet.clashes.flatMap((c) => c.measures))
  return (
    <>
      <JobHead job={sheet.job}>
        <div className="pb-2 text-right">
          {wanted.length > 0 ? (
            <b className="text-[18px] text-petrol">
              {wanted.length === 1 ? 'One measure holds kits up' : `${wanted.length} measures hold kits up`}
            </b>
          ) : sheet.kits.length > 0 ? (
            <>
              <b className="block text-[18px]">Everything a kit asks for is measured</b>
              <Link to={`/jobs/${job}/hinge`}>
                <Button hotkey="2" tabIndex={-1} className="mt-1">
                  Match it
                </Button>
              </Link>
            </>
          ) : (
            <>
              <b className="block text-[18px]">{sheet.job.jobKindLabel}: no kit is looked for</b>
              {sheet.job.work && (
                <Link to={`/jobs/${job}/hinge/${sheet.job.work}`}>
                  <Button hotkey="2" tabIndex={-1} className="mt-1">
                    See the work
                  </Button>
                </Link>
              )}
            </>
          )}
        </div>
      </JobHead>
      {sheet.clashes.map((c) => (
        <p
          key={c.id}
          role="alert"
          data-clash={c.id}
          className="mx-6 mt-2 flex items-center gap-4 border-l-[6px] border-vermilion bg-vermilion-pale px-4 py-1.5 text-[14px]"
        >
          <span className="flex-1">{c.sentence}</span>
          {c.measures.map((m) => (
            <button key={m} type="button" className="min-h-8 font-semibold text-petrol underline" onClick={() => setSelected(m)}>
              {fields.find((f) => f.key === m)?.card.title}
            </button>
          ))}
        </p>
      ))}
      <div className="grid min-h-0 flex-1 grid-cols-[minmax(0,1fr)_500px] gap-4 px-6 pt-3 pb-3 max-[1150px]:grid-cols-[minmax(0,1fr)_460px]">
        <div className="flex min-h-0 flex-col">
          <div className="flex min-h-0 flex-1 flex-col items-center justify-center">
            <DimensionedBike
              drawing={sheet.drawing}
              paint={sheet.job.paint}
              width={narrow ? 490 : 720}
              height={440}
              label={`${sheet.job.kindLabel} to scale; measured parts in ink, the rest in pencil`}
              selected={selected}
              read={(key) => fields.find((f) => f.key === key)?.taken?.text}
              title={(key) => fields.find((f) => f.key === key)?.card.title ?? ''}
              onPick={setSelected}
            />
            <p className="mt-1 text-[13px] text-soft">
              Ink is measured, pencil is what this kind usually has. A dimension opens its measure.
            </p>
          </div>
          <div className="mt-2 flex flex-col gap-2">
            <PhotoStrip
              job={job}
              photos={sheet.photos}
              subject="side"
              what="side photo to measure from"
              mayAdd={may('TAKE_PHOTO')}
              height={54}
            />
            <SurveyFrom job={job} kits={sheet.kits} mayWork={may('MEASURE')} />
          </div>
        </div>
        <MeasureList
          job={job}
          fields={fields}
          catalogue={catalogue}
          drawn={drawn}
          clashing={clashing}
          selected={selected}
          units={units}
          mayWork={may('MEASURE')}
          onSelect={setSelected}
        />
      </div>
    </>
  )
}
