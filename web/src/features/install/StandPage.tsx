import { useState } from 'react'
import { Link } from 'react-router'
import { useLive } from '../../api/live'
import { minutes } from '../../quantity/units'
import { Loaded } from '../../ui/Loaded'
import { useJobNumber } from '../survey/useSheet'
import { StepInHand } from './StepInHand'
import { StepList } from './StepList'
import { current, finished, useSteps } from './useSteps'

/** The stand: one job's steps for the hands that do them, dark, large, one step at a time. */
export function StandPage() {
  useLive()
  const job = useJobNumber()
  const query = useSteps(job)
  const [picked, setPicked] = useState<string>()
  return (
    <div className="min-h-screen bg-night text-night-text [&_[role=alert]]:text-ink">
      <Loaded query={query} what={`The steps of job ${job}`}>
        {({ job: card, steps, kitName, broken, spent }) => {
          const now = current(steps)
          const shown = steps.find((s) => s.key === picked) ?? now
          const hands = [...new Set(steps.filter((s) => s.state === 'RUNNING').map((s) => s.doer))].join(', ')
          const batteryIn = steps.some((s) => s.state === 'RUNNING' && s.batteryIn)
          return (
            <div className="grid h-screen min-h-[700px] grid-cols-[272px_minmax(0,1fr)]">
              <aside className="flex min-h-0 flex-col bg-night-deep">
                <div className="px-5 pt-4 pb-2">
                  <Link to="/" className="text-[13px] text-night-soft hover:text-night-text">
                    ← the yard
                  </Link>
                  <h1 className="text-[20px]">
                    {card.stand ? `Stand ${card.stand}` : card.place === 'STRIP' ? 'Test strip' : 'Not on a stand'} · <span className="figure">{card.number}</span>
                  </h1>
                  <p className="truncate text-[13px] text-night-soft">
                    {card.bike}, {kitName}
                  </p>
                </div>
                <StepList steps={steps} selected={shown?.key} onSelect={setPicked} />
                <p className="border-t border-night-panel px-5 py-3 text-[13px] text-night-soft">
                  <b className="text-night-text">{steps.filter(finished).length}</b> of {steps.length} finished{hands && <> · <b className="text-night-text">{hands}</b> at it</>}
                  <br />
                  {spent.length > 0 && (
                    <>
                      <span className="figure">{spent.map((s) => `${s.person} ${minutes(s.minutes)}`).join(', ')}</span>
                      <br />
                    </>
                  )}
                  {broken && <b className="block text-[#F08A6C]">History changed behind our back: {broken}.</b>}
                  Battery <b className={batteryIn ? 'text-paint' : 'text-night-text'}>{batteryIn ? 'in: power may come' : 'out'}</b>
                </p>
              </aside>
              {shown ? (
                <StepInHand key={shown.key + shown.state} job={card} step={shown} onGoOn={() => setPicked(undefined)} allDone={steps.every(finished)} />
              ) : (
                <div className="p-10">
                  <h2 className="text-[26px]">No steps yet</h2>
                  <p className="mt-2 text-night-soft">Steps are planned when the bill is made.</p>
                  <Link to={`/jobs/${card.number}/hinge`} className="mt-4 inline-block bg-paint px-5 py-3 font-bold text-ink">
                    Match a kit
                  </Link>
                </div>
              )}
            </div>
          )
        }}
      </Loaded>
    </div>
  )
}
