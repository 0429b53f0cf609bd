import { useState } from 'react'
import { Link } from 'react-router'
import type { Schemas } from '../../api/client'
import { DemoWord } from '../../app/DemoWord'
import { useLive } from '../../api/live'
import { useSettled } from '../../api/useSettled'
import { minutes } from '../../quantity/units'
import { cx } from '../../ui/cx'
import { Loaded } from '../../ui/Loaded'
import { useMay, useSession } from '../session/useSession'
import { useJobNumber } from '../survey/useSheet'
import { HandsDialog } from './HandsDialog'
import { HistoryDialog } from './HistoryDialog'
import { StepInHand } from './StepInHand'
import { StepList } from './StepList'
import { current, finished, useStepCommands, useSteps } from './useSteps'
import { Waiting } from './Waiting'

/** The stand: one job's steps for the hands that do them, dark, large, one step at a time. */
export function StandPage() {
  useLive()
  useSettled()
  const job = useJobNumber()
  const query = useSteps(job)
  const [picked, setPicked] = useState<string>()
  const [changing, setChanging] = useState(false)
  const [looking, setLooking] = useState(false)
  const commands = useStepCommands(job)
  const who = useSession().data?.who
  const may = useMay()
  return (
    <div className="min-h-screen bg-night text-night-text [&_[role=alert]]:text-ink">
      <Loaded query={query} what={`The steps of job ${job}`}>
        {({ job: card, steps, kitName, broken, spent, batteryHeldOut, batteryMayBeIn, wrenches, turns }) => {
          const now = current(steps)
          const shown = steps.find((s) => s.key === picked) ?? now
          const hands = [...new Set(steps.filter((s) => s.state === 'RUNNING').map((s) => s.doer))].join(', ')
          const powered = steps.some((s) => s.state === 'RUNNING' && s.powersBike)
          return (
            <div className="grid h-screen min-h-[700px] grid-cols-[272px_minmax(0,1fr)]">
              <aside className="flex min-h-0 flex-col bg-night-deep">
                <div className="px-5 pt-4 pb-2">
                  <div className="flex items-center justify-between">
                    <Link to="/" className="text-[13px] text-night-soft hover:text-night-text">
                      ← the yard
                    </Link>
                    <DemoWord />
                  </div>
                  <h1 className="text-[20px]">
                    {card.stand ? `Stand ${card.stand}` : card.place === 'STRIP' ? 'Test strip' : 'Not on a stand'} ·{' '}
                    <span className="figure">{card.number}</span>
                  </h1>
                  <p className="truncate text-[13px] text-night-soft">
                    {card.bike}, {kitName}
                  </p>
                  <p className="text-[13px]">
                    <Link
                      to={`/jobs/${card.number}/settings`}
                      className="text-night-soft underline underline-offset-2 hover:text-night-text"
                    >
                      settings and papers
                    </Link>{' '}
                    ·{' '}
                    <button
                      type="button"
                      onClick={() => setLooking(true)}
                      className="text-night-soft underline underline-offset-2 hover:text-night-text"
                    >
                      what happened
                    </button>
                  </p>
                </div>
                <StepList
                  steps={steps}
                  selected={shown?.key}
                  onSelect={setPicked}
                  onMove={may('PLAN_STEPS') ? (step, to) => commands.move.mutate({ step, to }) : undefined}
                />
                <p className="border-t border-night-panel px-5 py-3 text-[13px] text-night-soft">
                  <b className="text-night-text">{steps.filter(finished).length}</b> of {steps.length} finished
                  {hands && (
                    <>
                      {' '}
                      · <b className="text-night-text">{hands}</b> at it
                    </>
                  )}
                  <br />
                  {spent.length > 0 && (
                    <>
                      <span className="figure">{spent.map((s) => `${s.person} ${minutes(s.minutes)}`).join(', ')}</span>
                      <br />
                    </>
                  )}
                  {broken && <b className="block text-[#F08A6C]">History changed behind our back: {broken}.</b>}
                  {turns && <span className="mt-1 block text-[12px] leading-snug">{turns}</span>}
                </p>
                <Battery
                  holds={batteryHeldOut}
                  powered={powered}
                  mayBeIn={batteryMayBeIn}
                  me={who?.displayName}
                  mayHold={may('DO_STEPS')}
                  onHold={() => commands.holdBattery.mutate(undefined)}
                  onLetGo={() => commands.letBatteryGo.mutate(undefined)}
                />
                <button
                  type="button"
                  data-act="hands"
                  onClick={() => setChanging(true)}
                  className="flex min-h-12 items-center gap-3 border-t border-night-panel px-5 text-left text-[14px]"
                >
                  <span className="grid size-7 place-items-center bg-paint text-[12px] font-extrabold text-ink">
                    {who?.displayName.slice(0, 2).toUpperCase()}
                  </span>
                  {who?.displayName}’s hands <span className="ml-auto text-night-soft underline underline-offset-2">change</span>
                </button>
              </aside>
              {looking && <HistoryDialog job={card.number} steps={steps} broken={broken} onClose={() => setLooking(false)} />}
              {shown ? (
                <div className="grid min-h-0 grid-rows-[auto_minmax(0,1fr)]">
                  <div>
                    <Waiting />
                  </div>
                  <StepInHand
                    key={shown.key + shown.state}
                    job={card}
                    step={shown}
                    wrenches={wrenches}
                    onGoOn={() => setPicked(undefined)}
                    onGo={setPicked}
                    allDone={steps.every(finished)}
                  />
                </div>
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
      {changing && <HandsDialog onClose={() => setChanging(false)} />}
    </div>
  )
}

/** Battery in or out, who holds it out, and who asks for power meanwhile. */
function Battery({
  holds,
  powered,
  mayBeIn,
  me,
  mayHold,
  onHold,
  onLetGo,
}: {
  holds: Schemas['Hold'][]
  powered: boolean
  mayBeIn: boolean
  me: string | undefined
  mayHold: boolean
  onHold: () => void
  onLetGo: () => void
}) {
  const mine = holds.find((h) => h.person === me)
  const isIn = powered || (mayBeIn && holds.length === 0)
  return (
    <div className={cx('border-t border-night-panel px-5 py-2 text-[13.5px]', mine?.askedBy && 'bg-paint text-ink')}>
      {mine?.askedBy && (
        <p role="alert" className="font-bold">
          {mine.askedBy} wants power for ‘{mine.askedFor}’.
        </p>
      )}
      <div className="flex items-center gap-2">
        <p className="flex-1">
          Battery <b className={isIn ? 'text-paint' : ''}>{powered ? 'in: power may come' : isIn ? 'may still be in: look' : 'out'}</b>
          {holds.length > 0 && <span className="block">held out by {holds.map((h) => h.person).join(', ')}</span>}
        </p>
        {mine ? (
          <button type="button" onClick={onLetGo} className="min-h-11 border border-current px-2.5 font-semibold">
            Hands off
          </button>
        ) : (
          // Whoever does no steps has no hands near the battery.
          mayHold && (
            <button
              type="button"
              onClick={onHold}
              disabled={powered}
              className="min-h-11 border border-night-soft px-2.5 font-semibold disabled:opacity-40"
            >
              Hold it out
            </button>
          )
        )}
      </div>
    </div>
  )
}
