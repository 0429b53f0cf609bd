import type { Schemas } from '../../api/client'

type Kind = Schemas['WaitView']['kind']

/** The sign of what a bike waits for: a box for a part, a face for the customer, a gate for the bike itself, an hourglass for what cures or settles, a hand for whoever clears a stop, a question for what is not chosen. */
export function WaitSign({ kind, label }: { kind: Kind; label?: string }) {
  return (
    <svg
      width="14"
      height="14"
      viewBox="0 0 14 14"
      fill="none"
      stroke="currentColor"
      strokeWidth="1.5"
      role={label ? 'img' : undefined}
      aria-label={label}
      aria-hidden={label ? undefined : true}
    >
      {kind === 'PART' && <path d="M1.5 4.5 7 2l5.5 2.5V10L7 12.5 1.5 10zM1.5 4.5 7 7l5.5-2.5M7 7v5.5" />}
      {kind === 'CUSTOMER' && (
        <>
          <circle cx="7" cy="7" r="5.5" />
          <path d="M4.7 5.8v.4M9.3 5.8v.4M4.5 9c1.4 1 3.6 1 5 0" />
        </>
      )}
      {kind === 'ARRIVAL' && <path d="M2 13V2h10v11M5 13V5h4v8" />}
      {kind === 'STOP' && <path d="M4.2 1.5h5.6l2.7 2.7v5.6l-2.7 2.7H4.2L1.5 9.8V4.2zM4 7h6" />}
      {kind === 'REST' && (
        <path d="M3 1.5h8M3 12.5h8M3.8 1.5c0 3 3.2 3.6 3.2 5.5S3.8 9.5 3.8 12.5M10.2 1.5c0 3-3.2 3.6-3.2 5.5s3.2 2.5 3.2 5.5" />
      )}
      {kind === 'CHOICE' && <path d="M4.5 5a2.5 2.5 0 1 1 3.6 2.2C7.3 7.6 7 8 7 9M7 11.4v.4" />}
    </svg>
  )
}

/** Somebody is away: a chair nobody sits on. */
export function EmptyChair() {
  return (
    <svg width="18" height="20" viewBox="0 0 18 20" fill="none" stroke="currentColor" strokeWidth="1.6" aria-hidden="true">
      <path d="M4 1v10h10M4 11v8M14 11v8M4 6h1" />
    </svg>
  )
}
