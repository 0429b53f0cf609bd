import type { ReactNode } from 'react'

const INK = '#1d2a2b'
const STEEL = '#b9c1bd'
const PALE = '#e6e2d6'

/** A dimension with its letter, from one point to another. */
function Dim({ x1, y1, x2, y2, letter }: { x1: number; y1: number; x2: number; y2: number; letter: string }) {
  const [mx, my] = [(x1 + x2) / 2, (y1 + y2) / 2]
  const flat = Math.abs(x2 - x1) >= Math.abs(y2 - y1)
  const tick = flat ? ([0, 5] as const) : ([5, 0] as const)
  // On a short one the letter would hide it: it stands beside.
  const aside = Math.hypot(x2 - x1, y2 - y1) < 26
  const [cx, cy] = aside ? (flat ? [mx, my + 16] : [mx - 18, my]) : [mx, my]
  return (
    <g stroke={INK} strokeWidth="1">
      <line x1={x1} y1={y1} x2={x2} y2={y2} />
      <line x1={x1 - tick[0]} y1={y1 - tick[1]} x2={x1 + tick[0]} y2={y1 + tick[1]} />
      <line x1={x2 - tick[0]} y1={y2 - tick[1]} x2={x2 + tick[0]} y2={y2 + tick[1]} />
      <circle cx={cx} cy={cy} r="9" fill={INK} stroke="none" />
      <text x={cx} y={cy + 4} textAnchor="middle" fontSize="11.5" fontWeight="700" fill="#fffdf6" stroke="none">
        {letter}
      </text>
    </g>
  )
}

const wall = { fill: STEEL, stroke: INK, strokeWidth: 1.2 }
const soft = { fill: PALE, stroke: INK, strokeWidth: 1.2 }

/** Seen from above: the motor right, its axle tube through the shell, nut and plate left. */
function Bracket() {
  return (
    <>
      <rect x="330" y="40" width="78" height="120" {...soft} />
      <rect x="110" y="82" width="220" height="36" {...wall} />
      <g stroke={INK} strokeWidth=".8">
        {Array.from({ length: 13 }, (_, i) => (
          <line key={i} x1={128 + i * 8} y1="82" x2={124 + i * 8} y2="118" />
        ))}
      </g>
      <rect x="200" y="66" width="98" height="16" fill="none" stroke={INK} strokeDasharray="4 3" />
      <rect x="200" y="118" width="98" height="16" fill="none" stroke={INK} strokeDasharray="4 3" />
      <text x="249" y="62" textAnchor="middle" fontSize="11">
        shell
      </text>
      <rect x="168" y="56" width="14" height="88" {...soft} />
      <rect x="140" y="62" width="24" height="76" {...wall} />
      <text x="369" y="32" textAnchor="middle" fontSize="11">
        motor
      </text>
      <Dim x1={88} y1={82} x2={88} y2={118} letter="A" />
      <Dim x1={330} y1={176} x2={226} y2={176} letter="B" />
      <Dim x1={330} y1={206} x2={124} y2={206} letter="C" />
      <Dim x1={330} y1={150} x2={298} y2={150} letter="D" />
      <Dim x1={168} y1={20} x2={182} y2={20} letter="E" />
      <Dim x1={140} y1={150} x2={164} y2={150} letter="F" />
      <g transform="translate(440 0)">
        <circle cx="40" cy="70" r="17" {...wall} />
        <circle cx="96" cy="140" r="46" {...soft} />
        <line x1="40" y1="70" x2="96" y2="140" stroke={INK} strokeDasharray="2 3" />
        <Dim x1={40} y1={70} x2={96} y2={140} letter="G" />
        <Dim x1={96} y1={140} x2={142} y2={140} letter="H" />
        <text x="40" y="44" textAnchor="middle" fontSize="11">
          bracket
        </text>
      </g>
    </>
  )
}

/** From the side: the bracket, the motor under it on its pins. */
function FrameMade() {
  return (
    <>
      <circle cx="120" cy="90" r="22" {...wall} />
      <circle cx="260" cy="130" r="64" {...soft} />
      <circle cx="180" cy="60" r="9" {...wall} />
      <circle cx="340" cy="60" r="9" {...wall} />
      <Dim x1={180} y1={34} x2={340} y2={34} letter="A" />
      <Dim x1={366} y1={51} x2={366} y2={69} letter="B" />
      <Dim x1={120} y1={90} x2={260} y2={130} letter="C" />
      <Dim x1={260} y1={160} x2={324} y2={160} letter="D" />
      <text x="120" y="130" textAnchor="middle" fontSize="11">
        bracket
      </text>
    </>
  )
}

/** Across the bike from behind: the axle with its shoulders, rim over it. */
function Hub() {
  return (
    <>
      <rect x="180" y="84" width="190" height="72" {...soft} />
      <rect x="90" y="110" width="370" height="20" {...wall} />
      <rect x="108" y="100" width="30" height="40" {...wall} />
      <rect x="412" y="100" width="30" height="40" {...wall} />
      <rect x="150" y="70" width="10" height="96" fill="none" stroke={INK} strokeDasharray="4 3" />
      <rect x="390" y="70" width="10" height="96" fill="none" stroke={INK} strokeDasharray="4 3" />
      <text x="155" y="64" textAnchor="middle" fontSize="11">
        dropout
      </text>
      <rect x="268" y="14" width="34" height="20" {...wall} />
      <line x1="275" y1="8" x2="275" y2="176" stroke={INK} strokeDasharray="8 3 2 3" />
      <line x1="285" y1="8" x2="285" y2="80" stroke={INK} strokeDasharray="2 3" />
      <line x1="180" y1="84" x2="180" y2="190" stroke={INK} strokeWidth=".6" />
      <line x1="370" y1="84" x2="370" y2="190" stroke={INK} strokeWidth=".6" />
      <Dim x1={180} y1={186} x2={370} y2={186} letter="A" />
      <Dim x1={275} y1={52} x2={308} y2={52} letter="B" />
      <Dim x1={74} y1={110} x2={74} y2={130} letter="C" />
      <Dim x1={90} y1={216} x2={180} y2={216} letter="E" />
      <Dim x1={370} y1={216} x2={460} y2={216} letter="F" />
      <Dim x1={412} y1={84} x2={442} y2={84} letter="G" />
      <Dim x1={352} y1={84} x2={352} y2={120} letter="I" />
      <g transform="translate(520 40)">
        <path d="M20 6 h36 v60 h-36 z" fill={STEEL} stroke={INK} strokeWidth="1.2" />
        <Dim x1={20} y1={88} x2={56} y2={88} letter="D" />
        <text x="38" y="-4" textAnchor="middle" fontSize="11">
          axle, end on
        </text>
      </g>
      <g transform="translate(520 168)">
        <circle cx="38" cy="34" r="30" fill="none" stroke={INK} strokeWidth="4" />
        <Dim x1={8} y1={34} x2={68} y2={34} letter="H" />
      </g>
    </>
  )
}

/** From the left: rotor with its gear ring, the unit on the caliper's mount. */
function RotorGear() {
  return (
    <>
      <circle cx="170" cy="118" r="86" {...soft} />
      <circle cx="170" cy="118" r="70" fill="none" stroke={INK} strokeDasharray="3 3" />
      <rect x="232" y="52" width="120" height="56" {...wall} />
      <text x="292" y="46" textAnchor="middle" fontSize="11">
        unit
      </text>
      <path d="M352 66 q80 -10 96 60" fill="none" stroke={INK} strokeWidth="4" />
      <text x="470" y="140" fontSize="11">
        hose
      </text>
      <Dim x1={236} y1={128} x2={256} y2={128} letter="A" />
      <Dim x1={236} y1={154} x2={280} y2={154} letter="B" />
      <Dim x1={372} y1={40} x2={444} y2={40} letter="C" />
      <Dim x1={292} y1={128} x2={352} y2={128} letter="D" />
    </>
  )
}

/** From the side: tyre, roller, clamp on the seat tube. */
function Roller() {
  return (
    <>
      <circle cx="130" cy="190" r="118" fill="none" stroke={INK} strokeWidth="16" />
      <circle cx="222" cy="84" r="22" {...soft} />
      <path d="M236 76 L330 60" stroke={INK} strokeWidth="8" />
      <rect x="330" y="10" width="28" height="200" {...wall} />
      <rect x="320" y="42" width="48" height="40" {...soft} />
      <Dim x1={330} y1={112} x2={358} y2={112} letter="A" />
      <Dim x1={330} y1={146} x2={358} y2={146} letter="B" />
      <Dim x1={210} y1={128} x2={320} y2={128} letter="C" />
      <Dim x1={210} y1={164} x2={320} y2={164} letter="D" />
      <text x="344" y="230" textAnchor="middle" fontSize="11">
        seat tube
      </text>
    </>
  )
}

/** From above: the arm turning between two faces, the wheel behind it. */
function SwingArm() {
  return (
    <>
      <rect x="90" y="40" width="16" height="130" {...wall} />
      <rect x="226" y="40" width="16" height="130" {...wall} />
      <rect x="106" y="84" width="120" height="40" {...soft} />
      <rect x="70" y="96" width="192" height="16" fill="none" stroke={INK} strokeDasharray="4 3" />
      <path d="M226 104 H400" stroke={INK} strokeWidth="10" />
      <circle cx="440" cy="104" r="52" {...soft} />
      <Dim x1={106} y1={146} x2={226} y2={146} letter="A" />
      <Dim x1={282} y1={96} x2={282} y2={112} letter="B" />
      <Dim x1={440} y1={104} x2={492} y2={104} letter="C" />
      <text x="440" y="176" textAnchor="middle" fontSize="11">
        wheel
      </text>
    </>
  )
}

const DRAWN: Record<string, [string, ReactNode]> = {
  bracket: ['A mid-drive’s axle tube in the shell, from above; and its motor from the side', <Bracket key="bracket" />],
  frame: ['A mid-drive under a frame made for it, from the side', <FrameMade key="frame" />],
  hub: ['A hub motor’s axle across the bike, from behind', <Hub key="hub" />],
  'rotor-gear': ['A drive on the brake rotor, from the left', <RotorGear key="rotor-gear" />],
  roller: ['A roller on the tyre, from the side', <Roller key="roller" />],
  'swing-arm': ['A trike’s rear arm, from above', <SwingArm key="swing-arm" />],
}

/** What the letters beside a drive's figures mean; not to scale. Nothing for a kit without a motor. */
export function DriveDrawing({ mount }: { mount: string }) {
  const drawn = DRAWN[mount]
  if (!drawn) return null
  return (
    <figure className="my-2 bg-edge px-3 py-2">
      <svg viewBox="40 0 620 250" className="max-h-[230px] w-full" role="img" aria-label={drawn[0]} fill={INK}>
        {drawn[1]}
      </svg>
      <figcaption className="text-[12px] text-soft">{drawn[0]}. Not to scale: the letters stand beside the figures below.</figcaption>
    </figure>
  )
}
