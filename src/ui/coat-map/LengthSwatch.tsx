import { lengthColour } from './ramp'

/** The colour of a length; its figure stands beside it. */
export const LengthSwatch = ({ lengthMm }: { lengthMm: number }) => (
  <svg width={11} height={11} aria-hidden="true" style={{ marginRight: 4 }}>
    <rect x={0.5} y={0.5} width={10} height={10} fill={lengthColour(lengthMm)} stroke="var(--kv-ink-2)" />
  </svg>
)
