import { useState } from 'react'
import { Link, useNavigate } from 'react-router'
import type { Schemas } from '../../api/client'
import { BarFigure } from '../../drawing/BarFigure'
import { BayFigure } from '../../drawing/BayFigure'
import { StackSection } from '../../drawing/StackSection'
import { clock, inUnits, useUnits } from '../../quantity/units'
import { useToast } from '../../ui/toastContext'
import { FinderDialog } from '../commission/FinderDialog'
import { PagesAtStand } from '../commission/PagesAtStand'
import { useCause, useCommission, useCommissionCommands } from '../commission/useCommission'
import { cx } from '../../ui/cx'
import { useMay, useSession } from '../session/useSession'
import { useMove, useYard } from '../yard/useYard'
import type { Tap } from './queue'
import { benchPlace } from '../bench/kinds'
import { MadeFiles } from '../bench/MadeFiles'
import { useBenchOfJob } from '../bench/useBench'
import { Readings } from './Readings'
import { RefuseDialog } from './RefuseDialog'
import { StuckDialog } from './StuckDialog'
import { WordsDialog } from './WordsDialog'
import { finished, useStepCommands, type StepView } from './useSteps'
import { useWrench } from './useWrench'
import { Scroller } from '../../ui/Scroller'

/** Parts of an installation whose figures are tests of the whole. */
const TESTED = ['first power', 'functions', 'ride']
const BIG = 'min-h-[68px] px-4 text-[19px] font-bold disabled:opacity-40'

export function StepInHand({
  job,
  step,
  wrenches,
  allDone,
  onGoOn,
  onGo,
}: {
  job: Schemas['JobCard']
  step: StepView
  wrenches: Schemas['Wrench'][]
  allDone: boolean
  onGoOn: () => void
  onGo: (step: string) => void
}) {
  const commands = useStepCommands(job.number)
  const who = useSession().data?.who
  const [typed, setTyped] = useState<Record<string, string>>({})
  const atBench = step.figures.filter((f) => f.bench)
  const kept = useBenchOfJob(atBench.length > 0 || step.bench.length > 0 ? job.number : undefined).data?.kept ?? []
  // What was worked out at the bench for this step, since it was begun, stands there until somebody types another figure: what was
  // read before it was undone says nothing of how it is now.
  const found = (f: StepView['figures'][number]) =>
    kept
      .filter((k) => k.step === step.key && step.startedAt !== undefined && Date.parse(k.at) >= Date.parse(step.startedAt))
      .flatMap((k) => k.figures.filter((x) => x.key === f.bench).map((x) => ({ ...x, by: k.by, at: k.at })))[0]
  const read = {
    ...Object.fromEntries(atBench.flatMap((f) => (found(f) ? [[f.key, String(Number(found(f)!.value.toFixed(2)))]] : []))),
    ...typed,
  }
  const rounds = kept.filter((k) => k.step === step.key || atBench.some((f) => f.bench?.startsWith(`${k.tool} `)))
  const [asking, setAsking] = useState(false)
  const [saying, setSaying] = useState<'pause' | 'undo' | 'skip'>()
  const [finding, setFinding] = useState(false)
  const [refusing, setRefusing] = useState(false)
  const toast = useToast()
  const units = useUnits()
  const cause = useCause(job.number, step.key)
  const [wrench, setWrench] = useWrench()
  const sheet = useCommission(job.number, step.settings)
  const setting = useCommissionCommands(job.number)
  const openPage = step.settings ? sheet.data?.settings.find((s) => !s.by) : undefined
  const mine = step.state === 'RUNNING' && step.doer === who?.displayName
  const mayForOthers = useMay()('UNDO_FOR_OTHERS') && step.state === 'RUNNING'
  const missing = step.figures.filter((f) => !read[f.key] || Number.isNaN(Number(read[f.key])))
  const tap = (what: Tap['what'], body: Record<string, unknown> = {}, then?: () => void) =>
    commands.tap.mutate({ step, what, body }, { onSuccess: then })
  const outside = step.figures.some((f) => Number(read[f.key]) < f.least || Number(read[f.key]) > f.greatest)
  const tick = () => {
    const figures = Object.fromEntries(step.figures.map((f) => [f.key, Number(read[f.key])]))
    const torqued = step.figures.filter((f) => f.tool === 'torque wrench' && wrench)
    // A figure outside its window leaves the step stuck: the view stays on it and says so.
    tap('tick', { figures, wrenches: Object.fromEntries(torqued.map((f) => [f.key, wrench])) }, outside ? undefined : onGoOn)
  }
  const busy = commands.tap.isPending
  return (
    <main className="grid min-h-0 grid-rows-[minmax(0,1fr)_auto] px-7 pt-4 pb-5">
      <div className="grid min-h-0 grid-cols-[minmax(0,1fr)_262px] gap-7">
        <Scroller className="min-h-0 overflow-y-auto pr-1">
          <p className="text-[14px] text-night-soft">
            {step.phase && <>{step.phase} · </>}
            {step.zones.join(', ')} · {step.posture}
            {step.wheels.length > 0 && <> · wheel {step.wheels.join(', ')}</>} · {step.skill} · about {step.minutes} min
            {step.people > 1 && <b className="text-paint"> · two people</b>}
          </p>
          <h2 className="mt-0.5 text-[33px] leading-[1.1]">{step.title}</h2>
          <p className="mt-2 max-w-[62ch] text-[20px] leading-[1.4]">{step.text}</p>
          {step.stuckReason && (
            <div
              role="status"
              className="mt-3 flex items-center gap-4 border-l-[7px] border-[#F08A6C] bg-[#3d1c13] px-4 py-2.5 text-[17px] font-semibold"
            >
              <p className="flex-1">Stuck: {step.stuckReason}</p>
              {TESTED.includes(step.phase ?? '') && (
                <button type="button" onClick={() => setFinding(true)} className="min-h-12 shrink-0 bg-paper px-4 text-ink">
                  Find the cause
                </button>
              )}
            </div>
          )}
          {step.handover && (
            <div role="status" className="mt-3 border-l-[7px] border-paint bg-night-panel px-4 py-2.5 text-[18px] whitespace-pre-line">
              <b>Left half done.</b> {step.handover}
            </div>
          )}
          {step.hold && (
            <p
              className={cx(
                'mt-3 border-l-[7px] border-paint px-4 py-2.5 text-[18px]',
                step.state === 'DONE' ? 'bg-paint font-semibold text-ink' : 'bg-night-panel',
              )}
            >
              <b>Second person: </b>
              {step.hold}
            </p>
          )}
          {step.second ? (
            <p
              role="status"
              className={cx(
                'mt-3 border-l-[7px] border-paint px-4 py-2.5 text-[18px]',
                step.state === 'DONE' ? 'bg-paint font-semibold text-ink' : 'bg-night-panel',
              )}
            >
              <b>Second person, skilled in {step.second.skill}: </b>
              looks at what was done here. {step.second.who}
            </p>
          ) : (
            step.state !== 'DONE' &&
            !finished(step) &&
            !step.alone.allowed && (
              <p className="mt-3 border-l-[7px] border-paint bg-night-panel px-4 py-2.5 text-[18px]">{step.alone.reason}</p>
            )
          )}
          {step.drawing && (
            <figure className="mt-3 bg-paper px-4 pt-2 pb-1 text-ink">
              <figcaption className="text-[13px]">
                <b>{step.drawing.title}</b>{' '}
                <span className="text-soft">{inUnits(units, step.drawing.note, step.drawing.noteInInches)}</span>
              </figcaption>
              <StackSection section={step.drawing} width={660} highlight={step.key === 'lock-nut' ? 'NUT' : undefined} />
            </figure>
          )}
          {step.bay && (
            <figure className="mt-3 bg-paper px-4 pt-2 pb-1 text-ink">
              <figcaption className="text-[13px]">
                <b>{step.bay.title}</b> <span className="text-soft">{inUnits(units, step.bay.note, step.bay.noteInInches)}</span>
              </figcaption>
              <BayFigure bay={step.bay} paint={job.paint} width={660} height={260} />
            </figure>
          )}
          {step.bars && (
            <figure className="mt-3 bg-paper px-4 pt-2 pb-1 text-ink">
              <figcaption className="text-[13px]">
                <b>{step.bars.title}</b> <span className="text-soft">{inUnits(units, step.bars.note, step.bars.noteInInches)}</span>
              </figcaption>
              <BarFigure bars={step.bars} width={660} />
            </figure>
          )}
          {rounds[0] && (
            <p className="mt-3 border-l-[7px] border-paint bg-night-panel px-4 py-2.5 text-[18px]">
              <b>{atBench.length > 0 ? `Bench, round ${rounds.length}: ` : 'From the bench: '}</b>
              {rounds[0].sentence}{' '}
              <span className="text-[14px] whitespace-nowrap text-night-soft">
                {rounds[0].by}, {clock(rounds[0].at)}
              </span>
            </p>
          )}
          <div className="mt-3 grid grid-cols-2 gap-2.5">
            <Panel title="tools" lines={step.tools} />
            <Panel title="parts" lines={step.parts.length > 0 ? step.parts : ['none new in this step']} />
          </div>
          {(step.made.length > 0 || step.bench.length > 0) && <FromTheBench step={step} job={job.number} />}
          {step.notes.map((n) => (
            <p key={n} className="mt-2.5 border-l-[7px] border-paint bg-night-panel px-4 py-2.5 text-[18px]">
              <b>Learned on such frames: </b>
              {n}
            </p>
          ))}
          {step.cautions.map((c) => (
            <p key={c} className="mt-2.5 border-l-[7px] border-vermilion bg-[#3d1c13] px-4 py-2.5 text-[18px]">
              {c}
            </p>
          ))}
          {step.batteryIn && (
            <p className="mt-2.5 border-l-[7px] border-paint bg-night-panel px-4 py-2.5 text-[18px]">
              Battery <b>in</b> for this step. Say so aloud before you switch on.
            </p>
          )}
          {step.settings && sheet.data && sheet.data.settings.length > 0 && (
            <PagesAtStand pages={sheet.data.settings} editable={mine} set={setting} />
          )}
        </Scroller>
        <Readings
          step={step}
          read={read}
          onRead={(key, value) => setTyped((all) => ({ ...all, [key]: value }))}
          found={found}
          editable={mine}
          wrenches={wrenches}
          wrench={wrench}
          onWrench={setWrench}
          job={job.number}
          onRefused={(why) => toast.refused(why)}
        />
      </div>
      <div className="mt-4 grid grid-cols-[minmax(0,2.4fr)_minmax(0,0.9fr)_minmax(0,0.9fr)] gap-3">
        {step.state === 'RUNNING' ? (
          mine ? (
            <button
              type="button"
              className={cx(BIG, 'bg-paint text-ink')}
              data-act="tick"
              disabled={missing.length > 0 || sheet.isLoading || !!openPage || busy}
              onClick={tick}
            >
              {missing.length > 0
                ? `Record ${missing[0]!.name}`
                : openPage
                  ? `Write down page ${openPage.page}, ${openPage.meaning}`
                  : 'Done, next step'}
            </button>
          ) : (
            <Told>In {step.doer}’s hands.</Told>
          )
        ) : step.state === 'SKIPPED' ? (
          <Told>Left out by the manager.</Told>
        ) : finished(step) ? (
          allDone && job.place !== 'RAIL' ? (
            <ToTheRail job={job.number} />
          ) : (
            <Told>
              Done by {step.doer}
              {step.doneAt && `, ${clock(step.doneAt)}`}
              {step.inspectedBy && `; inspected by ${step.inspectedBy}`}.
            </Told>
          )
        ) : step.state === 'DONE' ? (
          step.inspect.allowed ? (
            <div className="grid grid-cols-[minmax(0,1.5fr)_minmax(0,1fr)] gap-3">
              <button type="button" className={cx(BIG, 'bg-paint text-ink')} disabled={busy} onClick={() => tap('inspect', {}, onGoOn)}>
                I have inspected it: good
              </button>
              <button type="button" className={cx(BIG, 'border-[3px] border-paint')} disabled={busy} onClick={() => setRefusing(true)}>
                Not good
              </button>
            </div>
          ) : (
            <Told>{step.inspect.reason}</Told>
          )
        ) : step.start.allowed ? (
          <button
            type="button"
            className={cx(BIG, step.rests ? 'border-[3px] border-paint' : 'bg-paint text-ink')}
            disabled={busy}
            onClick={() => tap('start')}
          >
            {step.rests && <span className="block text-[16px] font-normal">{step.rests}</span>}
            {step.state === 'STUCK' ? 'Cleared: start it again' : step.state === 'PAUSED' ? 'Go on with it' : 'Start'}
          </button>
        ) : (
          <Told>{step.start.reason}</Told>
        )}
        {step.undo.allowed ? (
          <button type="button" className={cx(BIG, 'border border-night-soft')} onClick={() => setSaying('undo')}>
            Undo
          </button>
        ) : step.skip.allowed ? (
          <button type="button" className={cx(BIG, 'border border-night-soft')} onClick={() => setSaying('skip')}>
            Leave out
          </button>
        ) : (
          <button
            type="button"
            className={cx(BIG, 'border border-night-soft')}
            disabled={!mine && !mayForOthers}
            onClick={() => setSaying('pause')}
          >
            Hand over
          </button>
        )}
        <button type="button" className={cx(BIG, 'bg-[#8f2d14] text-paper')} disabled={!mine} onClick={() => setAsking(true)}>
          Stuck
        </button>
      </div>
      {saying === 'pause' && (
        <WordsDialog
          title="Left half done"
          hint="What must whoever goes on know?"
          usual={['Done', 'Only hand-tight', 'Found', 'Missing']}
          most={600}
          act="Hand it over"
          onClose={() => setSaying(undefined)}
          onSay={(note) => tap('pause', { note }, () => setSaying(undefined))}
        />
      )}
      {saying === 'undo' && (
        <WordsDialog
          title="Undo this step"
          hint="Why? What was recorded stays in the history; what it mounted lies on the tray."
          usual={['Ticked by mistake', 'Came loose', 'Wrong part']}
          most={400}
          act="Undo it"
          onClose={() => setSaying(undefined)}
          onSay={(reason) => tap('undo', { reason }, () => setSaying(undefined))}
        />
      )}
      {saying === 'skip' && (
        <WordsDialog
          title="Leave this step out"
          hint="Why? It stands in the history and on the papers."
          usual={['The customer does it', 'Does not apply']}
          most={400}
          act="Leave it out"
          onClose={() => setSaying(undefined)}
          onSay={(reason) => tap('skip', { reason }, () => setSaying(undefined))}
        />
      )}
      {refusing && (
        <RefuseDialog
          job={job.number}
          title={step.title}
          doer={step.doer ?? ''}
          onClose={() => setRefusing(false)}
          onRefuse={(found) => tap('refuse', { ...found }, () => setRefusing(false))}
        />
      )}
      {finding && (
        <FinderDialog
          step={step.key}
          onClose={() => setFinding(false)}
          onFound={(found) => {
            setFinding(false)
            if (found.step) {
              toast.done(found.words)
              onGo(found.step)
            } else {
              cause.mutate(
                { symptom: found.symptom, cause: found.cause },
                { onSuccess: (now) => toast.done(`${now.kindLabel}: ${now.mustAct} acts. ${found.words}`) },
              )
            }
          }}
        />
      )}
      <StuckDialog
        job={job.number}
        open={asking}
        onClose={() => setAsking(false)}
        onStuck={(words) => tap('stuck', { ...words }, () => setAsking(false))}
      />
    </main>
  )
}

function Told({ children }: { children: React.ReactNode }) {
  return <p className="flex min-h-[68px] items-center bg-night-panel px-5 text-[17px]">{children}</p>
}

function ToTheRail({ job }: { job: number }) {
  const move = useMove()
  const navigate = useNavigate()
  const bike = useYard().data?.bikes.find((b) => b.job.number === job)
  return (
    <button
      type="button"
      className={cx(BIG, 'bg-paint text-ink')}
      disabled={!bike}
      onClick={() => {
        if (bike) move(bike, { to: 'RAIL' })
        void navigate('/')
      }}
    >
      All finished: hang it on the rail
    </button>
  )
}

function Panel({ title, lines }: { title: string; lines: string[] }) {
  return (
    <section className="bg-night-panel px-4 py-2.5">
      <h3 className="text-[13px] font-normal text-night-soft">{title}</h3>
      <ul className="text-[18px] leading-snug">
        {lines.map((l) => (
          <li key={l}>{l}</li>
        ))}
      </ul>
    </section>
  )
}

/** Parts that are made for it with their files, and what of the bench it uses. */
function FromTheBench({ step, job }: { step: StepView; job: number }) {
  return (
    <div className="mt-2.5 bg-night-panel px-4 py-2.5 text-[17px]">
      {step.made.map((m) => (
        <p key={m.ordinal} className="flex flex-wrap items-center gap-x-4">
          <span>
            <b>{m.made ? 'Made: ' : 'To make: '}</b>
            {m.said}
          </span>
          <MadeFiles kind={m.kind} measures={m.measures} job={job} large />
          <span className="basis-full text-[14px] text-night-soft">{m.note}</span>
        </p>
      ))}
      {step.bench.length > 0 && (
        <p className="flex flex-wrap items-center gap-x-5">
          <span className="label text-[13px] text-night-soft">at the bench</span>
          {step.bench.map((asked) => {
            const place = benchPlace(asked, job, step.key)
            return (
              <Link key={asked} to={place.to} className="inline-flex min-h-12 items-center underline underline-offset-2">
                {place.label}
              </Link>
            )
          })}
        </p>
      )}
    </div>
  )
}
