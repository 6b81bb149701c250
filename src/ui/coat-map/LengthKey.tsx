import { lengthColour } from './ramp'

const FIGURES = [2, 6, 10, 16, 25, 40, 60]

/** The ramp with its figures, and how seams are inked. */
export function LengthKey() {
  return (
    <svg width={210} height={26} role="img" aria-label="Colour by length, 2 to 60 mm">
      {FIGURES.map((mm, index) => (
        <g key={mm}>
          <rect
            x={index * 30}
            y={0.5}
            width={30}
            height={10}
            fill={lengthColour(mm)}
            stroke="var(--kv-ink-2)"
            strokeWidth={0.7}
          />
          <text
            x={index * 30 + 15}
            y={23}
            fontSize={12}
            textAnchor="middle"
            fill="var(--kv-ink-2)"
            style={{ fontFamily: 'var(--kv-mono)' }}
          >
            {mm}
          </text>
        </g>
      ))}
    </svg>
  )
}

export function SeamKey() {
  return (
    <svg width={230} height={16} role="img" aria-label="Seams: blend dashed, taper a wedge, line solid">
      <g stroke="var(--kv-ink)" fontSize={12.5}>
        <path d="M0 8h30" strokeWidth={1.1} strokeDasharray="5 4" />
        <path d="M82 8l30 -1.8v3.6z" fill="var(--kv-ink)" stroke="none" />
        <path d="M164 8h30" strokeWidth={1.5} />
        <g stroke="none" fill="var(--kv-ink-2)">
          <text x={36} y={12}>
            blend
          </text>
          <text x={118} y={12}>
            taper
          </text>
          <text x={200} y={12}>
            line
          </text>
        </g>
      </g>
    </svg>
  )
}
