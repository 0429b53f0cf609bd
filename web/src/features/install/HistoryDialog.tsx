import { moment } from '../../quantity/units'
import { Dialog } from '../../ui/Dialog'
import { Loaded } from '../../ui/Loaded'
import { useHistory, type StepView } from './useSteps'

/** What happened to a step, as it is said of somebody. */
const SAID: Record<string, string> = {
  started: 'began',
  ticked: 'finished',
  refused: 'read outside its window',
  stuck: 'got stuck at',
  inspected: 'inspected',
  not_accepted: 'did not accept',
  reopened: 'opened again',
  paused: 'left half done',
  undone: 'undid',
  resolved: 'decided on',
  skipped: 'left out',
  moved: 'moved',
  found: 'found the cause at',
}

/** Everything that happened at a job's steps, the newest first. */
export function HistoryDialog({ job, steps, broken, onClose }: { job: number; steps: StepView[]; broken: string; onClose: () => void }) {
  const titles = new Map(steps.map((s) => [s.key, s.title]))
  return (
    <Dialog
      open
      wide
      onClose={onClose}
      title={`What happened to job ${job}`}
      hint="Each entry is linked to the one before it; none can be changed or taken out."
    >
      {broken && (
        <p className="mb-3 border-l-[7px] border-vermilion bg-vermilion-pale px-4 py-2 font-semibold">Changed behind our back: {broken}.</p>
      )}
      <Loaded query={useHistory(job)} what={`What happened to job ${job}`}>
        {(history) =>
          history.length === 0 ? (
            <p className="text-soft">Nothing yet. Nobody has begun a step.</p>
          ) : (
            <table className="w-full text-[14px]">
              <thead>
                <tr className="border-b border-ink text-left text-[12.5px] text-soft">
                  <th className="py-1 pr-3 font-normal">when</th>
                  <th className="py-1 pr-3 font-normal">who</th>
                  <th className="py-1 pr-3 font-normal">did what</th>
                  <th className="py-1 font-normal">with what</th>
                </tr>
              </thead>
              <tbody>
                {history
                  .map((h, i) => ({ ...h, id: i }))
                  .reverse()
                  .map((h) => (
                    <tr key={h.id} className="border-b border-line align-top">
                      <td className="figure py-1.5 pr-3 whitespace-nowrap">{moment(h.at)}</td>
                      <td className="py-1.5 pr-3 font-semibold whitespace-nowrap">{h.by}</td>
                      <td className="py-1.5 pr-3">
                        {SAID[h.what] ?? h.what} <span className="text-petrol">{titles.get(h.step) ?? h.step}</span>
                      </td>
                      <td className="py-1.5 whitespace-pre-line text-soft">{h.detail}</td>
                    </tr>
                  ))}
              </tbody>
            </table>
          )
        }
      </Loaded>
    </Dialog>
  )
}
