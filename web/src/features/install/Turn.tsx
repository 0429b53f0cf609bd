/** Which way it tightens: an arrow clockwise, or against the clock for a left-hand thread. */
export function Turn({ leftHand }: { leftHand: boolean }) {
  return (
    <svg
      width="74"
      height="74"
      viewBox="0 0 84 84"
      role="img"
      aria-label={leftHand ? 'left-hand thread: tightens counter-clockwise' : 'tightens clockwise'}
      style={leftHand ? { transform: 'scaleX(-1)' } : undefined}
    >
      <path d="M42 10a32 32 0 1 1-29 19" fill="none" stroke={leftHand ? '#F08A6C' : '#E2B437'} strokeWidth="9" />
      <path d="M6 34L14 16l15 13z" fill={leftHand ? '#F08A6C' : '#E2B437'} />
    </svg>
  )
}
