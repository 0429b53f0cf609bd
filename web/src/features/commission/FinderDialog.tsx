import { useState } from 'react'
import { Button } from '../../ui/Button'
import { Dialog } from '../../ui/Dialog'
import { useSymptoms } from './useCommission'

/** What was found: a step to do again, or a cause that stops this one; no cause at all when none of the usual ones was it. */
export interface Found {
  step?: string
  symptom: string
  cause?: string
  words: string
}

/** From what one sees to what is wrong: one cause after the other, each with the check that tells. */
export function FinderDialog({ step, onClose, onFound }: { step: string; onClose: () => void; onFound: (found: Found) => void }) {
  const symptoms = useSymptoms().data?.symptoms ?? []
  const sorted = [...symptoms.filter((s) => s.steps.includes(step)), ...symptoms.filter((s) => !s.steps.includes(step))]
  const likely = symptoms.filter((s) => s.steps.includes(step)).length
  const [picked, setPicked] = useState<string>()
  const [at, setAt] = useState(0)
  const symptom = symptoms.find((s) => s.id === picked)
  const cause = symptom?.causes[at]
  return (
    <Dialog
      open
      onClose={onClose}
      wide
      title={symptom ? symptom.title : 'What do you see?'}
      hint={
        symptom
          ? `Cause ${Math.min(at + 1, symptom.causes.length)} of ${symptom.causes.length}, the likeliest first.`
          : 'The first ones belong to this test.'
      }
    >
      {!symptom ? (
        <div className="grid grid-cols-2 gap-2">
          {sorted.map((s, i) => (
            <button
              key={s.id}
              type="button"
              onClick={() => {
                setPicked(s.id)
                setAt(0)
              }}
              className={`min-h-14 border px-4 text-left text-[16px] font-semibold ${i < likely ? 'border-ink bg-paint' : 'border-ink/50 bg-paper'}`}
            >
              {s.title}
            </button>
          ))}
        </div>
      ) : cause ? (
        <>
          <p className="text-[22px] leading-tight font-bold">{cause.cause}</p>
          <dl className="mt-3 grid grid-cols-[120px_1fr] gap-y-2 text-[16.5px]">
            <dt className="text-soft">Check</dt>
            <dd>{cause.check}</dd>
            <dt className="text-soft">It is this when</dt>
            <dd>{cause.tells}</dd>
            <dt className="text-soft">Then</dt>
            <dd>{cause.work}</dd>
          </dl>
          <div className="mt-5 grid grid-cols-[1fr_1fr_auto] gap-2">
            <Button
              className="min-h-14 text-[16px]"
              onClick={() =>
                onFound({
                  step: cause.step || undefined,
                  symptom: symptom.id,
                  cause: cause.id,
                  words: `${symptom.title}: ${cause.cause}. ${cause.work}`,
                })
              }
            >
              That is it{cause.stop ? ': stop here' : ': to that step'}
            </Button>
            <Button look="quiet" className="min-h-14 text-[16px]" onClick={() => setAt(at + 1)}>
              Not it
            </Button>
            <Button look="quiet" className="min-h-14" onClick={() => (at === 0 ? setPicked(undefined) : setAt(at - 1))}>
              Back
            </Button>
          </div>
        </>
      ) : (
        <>
          <p className="text-[17px]">
            None of them. Leave it stuck as a failed test: the manager sees it at once, with what was ruled out.
          </p>
          <div className="mt-4 flex gap-2">
            <Button
              look="danger"
              className="min-h-12"
              onClick={() => onFound({ symptom: symptom.id, words: `${symptom.title}: none of ${symptom.causes.length} usual causes` })}
            >
              It stays stuck
            </Button>
            <Button look="quiet" className="min-h-12" onClick={() => setPicked(undefined)}>
              Another symptom
            </Button>
          </div>
        </>
      )}
    </Dialog>
  )
}
