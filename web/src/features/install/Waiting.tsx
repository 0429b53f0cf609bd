import { useSyncExternalStore } from 'react'
import { useSession } from '../session/useSession'
import { isOurs, taps } from './queue'
import { useTaps } from './useSteps'

function listen(tell: () => void) {
  window.addEventListener('online', tell)
  window.addEventListener('offline', tell)
  return () => {
    window.removeEventListener('online', tell)
    window.removeEventListener('offline', tell)
  }
}

/** What was tapped while the network was away, and what the server would not carry out afterwards. */
export function Waiting() {
  const { waiting: all, turned } = useTaps()
  const who = useSession().data?.who
  const waiting = all.filter((t) => isOurs(t, who))
  const theirs = all.filter((t) => !isOurs(t, who))
  const away = !useSyncExternalStore(listen, () => navigator.onLine)
  return (
    <>
      {theirs.length > 0 && (
        <p role="status" data-theirs={theirs.length} className="border-l-[7px] border-paint bg-night-panel px-4 py-2 text-[16px]">
          {theirs.length} {theirs.length === 1 ? 'tap' : 'taps'} of <b>{[...new Set(theirs.map((t) => t.by))].join(' and ')}</b> still{' '}
          {theirs.length === 1 ? 'waits' : 'wait'} on this tablet and will be sent when they sign in here again:{' '}
          {theirs
            .map((t) => `‘${t.title}’ on job ${t.job}`)
            .slice(-3)
            .join(', ')}
          .
        </p>
      )}
      {away && all.length === 0 && (
        <p role="status" className="border-l-[7px] border-paint bg-night-panel px-4 py-2 text-[16px]">
          <b>No network.</b> Shown as it was when it went away. What is tapped waits in this tablet.
        </p>
      )}
      {waiting.length > 0 && (
        <p role="status" data-waiting={waiting.length} className="border-l-[7px] border-paint bg-night-panel px-4 py-2 text-[16px]">
          <b>No network.</b> {waiting.length} {waiting.length === 1 ? 'tap waits' : 'taps wait'} in this tablet and go out by themselves:{' '}
          {waiting
            .map((t) => t.title)
            .slice(-3)
            .join(', ')}
          . Go on.
        </p>
      )}
      {turned.map((t) => (
        <div
          key={t.tap.id}
          role="alert"
          data-turned
          className="flex items-start gap-3 border-l-[7px] border-[#F08A6C] bg-[#3d1c13] px-4 py-2 text-[16px] text-night-text!"
        >
          <p className="flex-1">
            <b>Not carried out:</b> ‘{t.tap.title}’ on job {t.tap.job} by {t.tap.by}. {t.why}
          </p>
          <button type="button" onClick={() => taps.seen(t.tap.id)} className="min-h-11 border border-night-soft px-3 font-semibold">
            Seen
          </button>
        </div>
      ))}
    </>
  )
}
