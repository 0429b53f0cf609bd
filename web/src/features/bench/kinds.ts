/** Kinds of parts with their measures in order: field, what it is, usual value. */
export const PARTS = [
  [
    'spacer-ring',
    'Ring',
    [
      ['inner', 'Bore', '12.2'],
      ['outer', 'Outer diameter', '24'],
      ['height', 'Thickness', '1.35'],
    ],
  ],
  [
    'turned-ring',
    'Turned ring',
    [
      ['inner', 'Bore', '12.2'],
      ['outer', 'Outer diameter', '24'],
      ['height', 'Thickness', '1.35'],
    ],
  ],
  [
    'sleeve',
    'Bar sleeve',
    [
      ['inner', 'Bar', '22.2'],
      ['outer', 'Clamp', '25.4'],
      ['height', 'Length', '24'],
      ['slit', 'Slit', '2'],
    ],
  ],
  [
    'half-shim',
    'Half shim',
    [
      ['inner', 'Tube', '28.6'],
      ['outer', 'What closes on it', '31.8'],
      ['height', 'Length', '30'],
    ],
  ],
  [
    'block',
    'Motor block',
    [
      ['width', 'Width', '34'],
      ['height', 'Along the tube', '40'],
      ['gapFront', 'Gap in front', '9'],
      ['gapRear', 'Gap behind', '14'],
      ['tube', 'Tube', '45'],
    ],
  ],
  [
    'cable-separator',
    'Separator',
    [
      ['lanes', 'Cables', '3'],
      ['lane', 'Each', '5'],
      ['height', 'Length', '40'],
    ],
  ],
  [
    'position-stop',
    'Position stop',
    [
      ['inner', 'Tube', '31.8'],
      ['height', 'Width', '16'],
    ],
  ],
  [
    'plug-cover',
    'Plug cover',
    [
      ['inner', 'Plug, across', '16'],
      ['height', 'Over it', '18'],
    ],
  ],
  [
    'tie-protector',
    'Tie protector',
    [
      ['inner', 'Lead', '6.5'],
      ['tie', 'Tie’s width', '4.8'],
    ],
  ],
] as const

export const SHEETS = [
  [
    'bend-strip',
    'Arm’s bend',
    [
      ['step', 'Step to the blade', '10'],
      ['tie', 'Axle to the tie', '100'],
      ['thickness', 'Arm’s thickness', '4'],
      ['washer', 'Washer, across', '24'],
      ['across', 'Arm’s width', '18'],
    ],
  ],
  [
    'hub-holes',
    'Hub holes',
    [
      ['bolts', 'Holes', '6'],
      ['circle', 'Their circle', '44'],
      ['hole', 'Each, across', '5'],
      ['bore', 'Bore in the middle', '20'],
    ],
  ],
  ['lead-strip', 'Leads', [['marks', 'Lengths, with blanks between', '320 640 900']]],
  [
    'battery-card',
    'Battery card',
    [
      ['length', 'Length', '365'],
      ['height', 'Height', '90'],
    ],
  ],
  [
    'bag-plate',
    'Bag’s plate',
    [
      ['length', 'Length', '120'],
      ['width', 'Width', '60'],
      ['pitch', 'Screw to screw', '90'],
      ['hole', 'Screw’s hole', '5'],
      ['cable', 'Cable’s hole', '14'],
    ],
  ],
  [
    'plate-slots',
    'Strap slots',
    [
      ['length', 'Plate’s length', '300'],
      ['width', 'Plate’s width', '90'],
      ['strap', 'Strap’s width', '38'],
      ['pairs', 'Straps', '2'],
      ['drill', 'Drill', '6'],
    ],
  ],
  [
    'brake-bracket',
    'Brake’s bracket',
    [
      ['axle', 'Axle’s hole', '12'],
      ['bolts', 'Axle to caliper', '90'],
      ['reach', 'Caliper aside by', '20'],
      ['pitch', 'Bolt to bolt', '74'],
      ['hole', 'Bolt’s hole', '6'],
    ],
  ],
  [
    'rail-holes',
    'Rail’s holes',
    [
      ['first', 'End to the first', '40'],
      ['pitch', 'Hole to hole', '64'],
      ['holes', 'Holes', '2'],
      ['hole', 'Each, across', '5.2'],
    ],
  ],
] as const

export type Fields = readonly (readonly [string, string, string])[]

/** Where the bench shows this part, its measures filled in. */
export function benchOfPart(kind: string, measures: readonly number[], job?: number): string {
  const fields: Fields = PARTS.find(([k]) => k === kind)?.[2] ?? []
  const params = new URLSearchParams({ tool: 'made', kind })
  fields.forEach(([f], i) => params.set(`of-${f}`, String(measures[i])))
  if (job !== undefined) params.set('job', String(job))
  return `/bench?${params.toString()}`
}

/** What a step asks the bench for, as the library names it: where that is, and what it is called. */
export function benchPlace(asked: string, job: number, step: string): { to: string; label: string } {
  const [tool, kind] = asked.split(' ') as [string, string?]
  const params = new URLSearchParams({ tool, job: String(job), step })
  if (kind) params.set('kind', kind)
  const named: string | undefined = [...PARTS, ...SHEETS].find(([k]) => k === kind)?.[1]
  return { to: `/bench?${params.toString()}`, label: named ?? CALCULATORS[tool] ?? tool }
}

/** What a mechanic looks for there. */
const CALCULATORS: Record<string, string> = {
  batteries: 'Second battery',
  fastener: 'Screw and torque',
  wire: 'How thick a wire',
  truing: 'Rotor’s truing',
  bend: 'Arm’s bend',
  range: 'Range',
  gears: 'Chain and gears',
  axle: 'Axle’s flats',
  pressure: 'Tyre’s pressure',
  stack: 'A gap filled',
  wrench: 'Wrench with extension',
  'roll-out': 'Roll-out',
  ride: 'A ride read back',
}
