/** A spacer or washer from its own dimensions, face and section side by side, both to one scale. */
export function Piece({ cells }: { cells: Record<string, string> }) {
  const [thickness, inner, outer] = ['thickness', 'inner', 'outer'].map((c) => Number(cells[c])) as [number, number, number]
  if (!(thickness > 0 && outer > inner && inner > 0)) return null
  const scale = Math.min(46 / outer, 30 / thickness)
  const r = (outer / 2) * scale
  const bore = (inner / 2) * scale
  const t = Math.max(1, thickness * scale)
  const middle = 26
  return (
    <svg
      width={r * 2 + t + 22}
      height={52}
      role="img"
      aria-label={`Ø ${inner} / ${outer} mm, ${thickness} mm thick, to scale`}
      className="-my-1"
    >
      <path
        d={`M${r + 1} ${middle - r} a${r} ${r} 0 1 0 0.01 0 Z M${r + 1} ${middle - bore} a${bore} ${bore} 0 1 1 -0.01 0 Z`}
        fill="#B9C2BA"
        fillRule="evenodd"
        stroke="#14211D"
        strokeWidth={1}
      />
      <g transform={`translate(${r * 2 + 14} 0)`} stroke="#14211D" strokeWidth={1} fill="#B9C2BA">
        <rect x={0} y={middle - r} width={t} height={r - bore} />
        <rect x={0} y={middle + bore} width={t} height={r - bore} />
        <path d={`M${-4} ${middle} H${t + 4}`} strokeDasharray="4 2 1 2" strokeWidth={0.7} />
      </g>
    </svg>
  )
}
