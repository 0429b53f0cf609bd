import { useState } from 'react'
import { date, today } from '../../quantity/units'
import { useToast } from '../../ui/toastContext'
import { Button } from '../../ui/Button'
import { cx } from '../../ui/cx'
import { ChangeForm } from '../customer/ChangeForm'
import { useMay } from '../session/useSession'
import { FromCalendar } from './FromCalendar'
import { weekInWords, WeekFields } from './Week'
import { useChangeMember, type Grade, type TeamMember, type TeamView } from './useShop'

type Skill = TeamView['skills'][number]

const GRADES: [Grade | undefined, string][] = [
  [undefined, 'not yet'],
  ['LEARNING', 'learning'],
  ['SKILLED', 'skilled'],
]

const said = (grade: Grade | undefined) => GRADES.find(([g]) => g === grade)![1]
const gradeOf = (person: TeamMember, skill: Skill) => person.skills.find((s) => s.skill === skill.skill)?.grade

/** Full for what somebody does alone, filled to half for what they learn, hollow for what they have not begun. */
function Filled({ grade }: { grade: Grade | undefined }) {
  return (
    <svg width="26" height="16" viewBox="0 0 26 16" aria-hidden="true">
      {grade && <rect x="1" y={grade === 'SKILLED' ? 1 : 8} width="24" height={grade === 'SKILLED' ? 14 : 7} fill="var(--color-ink)" />}
      <rect x="1" y="1" width="24" height="14" fill="none" stroke="var(--color-ink)" strokeWidth="1.4" opacity={grade ? 1 : 0.35} />
    </svg>
  )
}

/** Who does what alone, who learns it, and who is in when. */
export function People({ team }: { team: TeamView }) {
  const may = useMay()
  const [changing, setChanging] = useState<string>()
  const here = team.people.filter((p) => p.standing !== 'GONE')
  const alone = (skill: Skill) => team.people.filter((p) => p.steps && gradeOf(p, skill) === 'SKILLED').length
  return (
    <section aria-label="People">
      <h2 className="flex min-h-[38px] items-end border-b-2 border-ink pb-0.5 text-[19px]">People</h2>
      <p className="my-2 max-w-[74ch] text-[13.5px] text-soft">
        A step names the work it takes. What somebody does who is not skilled in that work waits until a skilled second person has looked at
        it.
      </p>
      <table className="w-full bg-paper text-[14px]">
        <thead>
          <tr className="text-left align-bottom text-[13px] text-soft">
            <th className="w-[150px] px-3 py-1.5 font-normal">Name</th>
            {team.skills.map((s) => (
              <th key={s.skill} className="w-[76px] px-1 py-1.5 text-center leading-tight font-normal">
                {s.label}
              </th>
            ))}
            <th className="px-3 py-1.5 font-normal">Works</th>
            <th className="w-[92px]" />
          </tr>
        </thead>
        <tbody>
          {here.map((p) =>
            changing === p.username ? (
              <tr key={p.username} className="border-t border-paint bg-paint-pale">
                <td colSpan={team.skills.length + 3} className="px-3 py-3">
                  <Change person={p} skills={team.skills} onDone={() => setChanging(undefined)} />
                </td>
              </tr>
            ) : (
              <tr key={p.username} className="border-t border-line">
                <th scope="row" className="px-3 py-2 text-left">
                  {p.displayName}
                  {(p.standing === 'PAUSED' || !p.steps) && (
                    <span className="block text-[12.5px] font-normal text-soft">
                      {p.standing === 'PAUSED' ? 'paused' : 'no steps at stands'}
                    </span>
                  )}
                </th>
                {team.skills.map((s) => (
                  <td key={s.skill} className="px-1 text-center">
                    <span className="inline-block" title={`${p.displayName}, ${s.label}: ${said(gradeOf(p, s))}`}>
                      <Filled grade={gradeOf(p, s)} />
                      <span className="sr-only">{said(gradeOf(p, s))}</span>
                    </span>
                  </td>
                ))}
                <td className="figure px-3 text-[13px]">
                  {weekInWords(p.hours) || 'no hours entered'}
                  {p.absences
                    .filter((a) => a.to >= today())
                    .slice(0, 2)
                    .map((a) => (
                      <span key={a.from} className="block text-[12.5px] text-soft">
                        away {a.from === a.to ? date(a.from) : `${date(a.from)} to ${date(a.to)}`}
                        {a.why && `, ${a.why}`}
                      </span>
                    ))}
                </td>
                <td className="pr-2 text-right">
                  {may('KEEP_SHOP') && (
                    <Button
                      look="quiet"
                      className="my-1.5 min-h-8 py-0.5"
                      aria-label={`Change ${p.displayName}`}
                      onClick={() => setChanging(p.username)}
                    >
                      Change
                    </Button>
                  )}
                </td>
              </tr>
            ),
          )}
        </tbody>
        <tfoot>
          <tr className="border-t-2 border-ink">
            <th scope="row" className="px-3 py-1.5 text-left text-[13px] font-normal text-soft">
              do it alone at stands
            </th>
            {team.skills.map((s) => (
              <td key={s.skill} className={cx('figure px-1 text-center font-bold', alone(s) === 0 && 'text-vermilion')}>
                {alone(s)}
              </td>
            ))}
            <td colSpan={2} className="px-3 text-[13px] text-soft">
              {team.skills.some((s) => alone(s) === 0) && 'Where nobody does it alone, whatever is done waits.'}
            </td>
          </tr>
        </tfoot>
      </table>
      <p className="mt-1.5 flex flex-wrap gap-5 text-[12.5px] text-soft">
        {GRADES.map(([g, words]) => (
          <span key={words} className="flex items-center gap-2">
            <Filled grade={g} /> {words}
          </span>
        ))}
      </p>
    </section>
  )
}

function Change({ person, skills, onDone }: { person: TeamMember; skills: Skill[]; onDone: () => void }) {
  const toast = useToast()
  // What is typed stays, whatever is heard meanwhile; it builds on what stood there when it was begun.
  const [seen] = useState(person.version)
  const [graded, setGraded] = useState(person.skills)
  const [hours, setHours] = useState(person.hours)
  const [absences, setAbsences] = useState(person.absences)
  const change = useChangeMember(person.username)
  const put = (skill: Skill['skill'], grade: Grade | undefined) =>
    setGraded([...graded.filter((g) => g.skill !== skill), ...(grade ? [{ skill, grade }] : [])])
  return (
    <ChangeForm
      error={change.error}
      pending={change.isPending}
      onLeave={onDone}
      onSave={() =>
        change.mutate(
          { version: seen, skills: graded, hours, absences: absences.filter((a) => a.from !== '' || a.to !== '') },
          {
            onSuccess: () => {
              toast.done(`${person.displayName}: saved.`)
              onDone()
            },
          },
        )
      }
    >
      <h3 className="text-[17px]">{person.displayName}</h3>
      <div className="mt-1 grid grid-cols-[minmax(0,1fr)_auto] gap-10">
        <div>
          {skills.map((s) => (
            <fieldset key={s.skill} className="flex min-h-10 items-center gap-4 border-b border-paint/50">
              <legend className="float-left w-[170px] text-[14px]">{s.label}</legend>
              {GRADES.map(([grade, words]) => (
                <label key={words} className="flex min-h-9 cursor-pointer items-center gap-1.5 text-[14px]">
                  <input
                    type="radio"
                    name={`${person.username} ${s.skill}`}
                    className="size-4 accent-petrol"
                    checked={graded.find((g) => g.skill === s.skill)?.grade === grade}
                    onChange={() => put(s.skill, grade)}
                  />
                  {words}
                </label>
              ))}
            </fieldset>
          ))}
          <p className="mt-2 text-[13px] text-soft">It counts for steps that are begun from now on.</p>
        </div>
        <WeekFields hours={hours} of={person.displayName} off="not in" onChange={setHours} />
      </div>
      <Absences absences={absences} of={person.displayName} onChange={setAbsences} />
      <Fault error={change.error} />
    </ChangeForm>
  )
}

type Absence = TeamMember['absences'][number]

/** Days on which somebody is away although they would be in. */
function Absences({ absences, of, onChange }: { absences: Absence[]; of: string; onChange: (absences: Absence[]) => void }) {
  const put = (i: number, part: Partial<Absence>) => onChange(absences.map((a, k) => (k === i ? { ...a, ...part } : a)))
  return (
    <fieldset className="mt-3">
      <legend className="label text-[14px]">Away</legend>
      {absences.map((a, i) => (
        <div key={i} className="mt-1 flex items-center gap-2 text-[14px]">
          <input
            type="date"
            aria-label={`${of} is away from`}
            value={a.from}
            onChange={(e) => put(i, { from: e.target.value, to: a.to === '' || a.to < e.target.value ? e.target.value : a.to })}
            className="h-9 border border-soft/60 bg-paper px-2 figure"
          />
          to
          <input
            type="date"
            aria-label={`${of} is away to`}
            value={a.to}
            onChange={(e) => put(i, { to: e.target.value })}
            className="h-9 border border-soft/60 bg-paper px-2 figure"
          />
          <input
            aria-label={`Why ${of} is away`}
            placeholder="why, e.g. holiday"
            maxLength={60}
            value={a.why}
            onChange={(e) => put(i, { why: e.target.value })}
            className="h-9 min-w-0 flex-1 border border-soft/60 bg-paper px-2"
          />
          <Button
            look="quiet"
            className="min-h-9 py-0.5"
            aria-label={`Remove the absence from ${a.from}`}
            onClick={() => onChange(absences.filter((_, k) => k !== i))}
          >
            Remove
          </Button>
        </div>
      ))}
      <Button
        look="quiet"
        className="mt-1.5 min-h-9 py-0.5"
        onClick={() => onChange([...absences, { from: today(), to: today(), why: '' }])}
      >
        Add days away
      </Button>
      <FromCalendar
        what="absences"
        onRead={(days) => onChange([...absences, ...days.filter((d) => !absences.some((a) => a.from <= d.to && d.from <= a.to))])}
      />
    </fieldset>
  )
}

/** What was refused of skills, stands or hours: no single field is to blame. */
export function Fault({ error }: { error: { status: number; message: string } | null }) {
  return error?.status === 422 ? (
    <p role="alert" className="mt-2 font-semibold text-vermilion">
      {error.message}
    </p>
  ) : null
}
