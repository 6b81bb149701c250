import type { FigurePart, FigureView } from '@/core/figure'
import { zoneLabel, type Side, type ZoneId } from '@/core/zones'
import type { KeyboardEvent } from 'react'
import { lengthColour } from './ramp'
import type { CoatMapProps } from './map'

interface FigureProps extends Pick<CoatMapProps, 'view' | 'lengthMm' | 'joinOf' | 'dotted' | 'picked' | 'onPick'> {
  id: string
  /** One screen pixel in figure units, mm. */
  px: number
  textured: boolean
  lit: ReadonlySet<ZoneId> | null
  /** Too small for seams and texture. */
  plain: boolean
}

type FillOf = (zone: ZoneId, side?: Side) => string

/**
 * The drawn dog. The outline of all near parts together comes from painting every part's line first and every part's
 * fill over it: what remains of the lines lies outside the whole. What lies over the rest has a line of its own.
 */
export function DogFigure(props: FigureProps) {
  const { view, id, px, lengthMm, lit, dotted } = props
  const fillOf: FillOf = (zone, side) =>
    lit === null || lit.has(zone) ? lengthColour(lengthMm(zone, side)) : 'var(--kv-len-none)'
  const placed = (place: FigurePart['place']) => view.parts.filter((part) => part.place === place)
  const near = placed('near')
  return (
    <g strokeLinejoin="round">
      {dotted && <Dotted view={dotted} id={`${id}d`} px={px} />}
      {placed('far').map((part) => (
        <g key={part.id}>
          <path d={part.coat} fill={fillOf(part.ground)} stroke="var(--kv-ink)" strokeWidth={px} />
          <path d={part.coat} fill="var(--kv-ink)" fillOpacity={0.13} />
        </g>
      ))}
      <Outline parts={near} px={px} />
      {near.map((part) => (
        <Part key={part.id} {...props} part={part} fillOf={fillOf} />
      ))}
      {!props.plain && <LegSeams view={view} id={id} px={px} />}
      {!props.plain && <SkinLine parts={near} id={id} px={px} />}
      {placed('over').map((part) => (
        <g key={part.id}>
          <Outline parts={[part]} px={px} />
          <Part {...props} part={part} fillOf={fillOf} />
        </g>
      ))}
      <Face view={view} px={px} />
    </g>
  )
}

/** Coat and skin together: where long hair falls away from a tip, the skin still shows. */
const whole = ({ coat, skin }: FigurePart): string => coat + skin

const Outline = ({ parts, px }: { parts: FigurePart[]; px: number }) =>
  parts.map((part) => <path key={part.id} d={whole(part)} fill="none" stroke="var(--kv-ink)" strokeWidth={3.4 * px} />)

/** One part of the body: its zones as fields, cut to its coat line, with the seams between them. */
function Part({ part, view, id, px, textured, plain, fillOf, lengthMm, joinOf, picked, onPick }: FigureProps & { part: FigurePart; fillOf: FillOf }) {
  const cells = view.cells.filter((cell) => cell.part === part.id)
  const { ground, side } = part
  const title = (zone: ZoneId, of?: Side) => `${zoneLabel(zone)}${of ? `, ${of}` : ''}: ${Math.round(lengthMm(zone, of) * 10) / 10} mm`
  const pick = (zone: ZoneId, of?: Side) => (onPick ? pickable(title(zone, of), picked?.has(zone) === true, () => onPick(zone)) : {})
  const fieldsPicked = [...(picked?.has(ground) ? [part.coat] : []), ...cells.filter(({ zone }) => picked?.has(zone)).map(({ field }) => field)]
  return (
    <g>
      <clipPath id={`${id}${part.id}`}>
        <path d={whole(part)} />
      </clipPath>
      <g clipPath={`url(#${id}${part.id})`}>
        <path d={whole(part)} fill={fillOf(ground, side)} data-zone={ground} {...pick(ground, side)}>
          <title>{title(ground, side)}</title>
        </path>
        {cells.map((cell, index) => (
          <path key={index} d={cell.field} fill={fillOf(cell.zone, cell.side)} data-zone={cell.zone} {...pick(cell.zone, cell.side)}>
            <title>{title(cell.zone, cell.side)}</title>
          </path>
        ))}
        {textured && !plain && <path d={part.coat} fill={`url(#${id}coat)`} fillOpacity={0.2} pointerEvents="none" />}
        {!plain && cells.map((cell, index) => <Seam key={index} d={cell.seam} join={joinOf?.(cell.zone) ?? 'blend'} px={px} />)}
        {fieldsPicked.map((d) => (
          <path key={`picked${d}`} d={d} fill="none" stroke="var(--kv-now)" strokeWidth={4 * px} pointerEvents="none" />
        ))}
      </g>
    </g>
  )
} // prettier-ignore

/** A field of the map as a button: by mouse, by touch and by keyboard. */
const pickable = (label: string, pressed: boolean, onPick: () => void) => ({
  role: 'button',
  tabIndex: 0,
  'aria-label': label,
  'aria-pressed': pressed,
  onClick: onPick,
  onKeyDown: (event: KeyboardEvent<SVGPathElement>) => {
    if (event.key !== 'Enter' && event.key !== ' ') return
    event.preventDefault()
    event.stopPropagation()
    onPick()
  },
  style: { cursor: 'pointer' },
})

/** How two zones meet: blend dashed, taper thick, line solid. */
function Seam({ d, join, px }: { d: string; join: 'blend' | 'taper' | 'line'; px: number }) {
  const stroke = {
    blend: { width: 1.1, dash: `${5 * px} ${4 * px}` },
    taper: { width: 2.4, dash: undefined },
    line: { width: 1.5, dash: undefined },
  }[join]
  return (
    <path
      d={d}
      fill="none"
      stroke="var(--kv-ink)"
      strokeOpacity={0.85}
      strokeWidth={stroke.width * px}
      strokeDasharray={stroke.dash}
      pointerEvents="none"
    />
  )
}

/** Where the legs lie over the body their edge is a seam, not an outline. */
function LegSeams({ view, id, px }: { view: FigureView; id: string; px: number }) {
  const legs = view.parts.filter((part) => part.id === 'hind')
  return (
    <g clipPath={`url(#${id}torso)`}>
      {legs.map((part) => (
        <path
          key={part.id}
          d={part.skin}
          fill="none"
          stroke="var(--kv-ink)"
          strokeOpacity={0.6}
          strokeWidth={px}
          pointerEvents="none"
        />
      ))}
    </g>
  )
}

interface EdgeProps {
  paths: string[]
  id: string
  stroke: { colour: string; width: number; opacity?: number; dash?: string }
}

/** The common edge of several shapes: only what of their lines lies outside all of them. */
function CommonEdge({ paths, id, stroke }: EdgeProps) {
  const everywhere = { x: -2000, y: -3000, width: 6000, height: 6000 }
  return (
    <g pointerEvents="none">
      <mask id={id} maskUnits="userSpaceOnUse" {...everywhere}>
        <rect {...everywhere} fill="white" />
        {paths.map((d, index) => (
          <path key={index} d={d} fill="black" />
        ))}
      </mask>
      <g mask={`url(#${id})`}>
        {paths.map((d, index) => (
          <path
            key={index}
            d={d}
            fill="none"
            stroke={stroke.colour}
            strokeOpacity={stroke.opacity}
            strokeWidth={stroke.width}
            strokeDasharray={stroke.dash}
          />
        ))}
      </g>
    </g>
  )
}

/** The skin under the coat, fine and faint. */
const SkinLine = ({ parts, id, px }: { parts: FigurePart[]; id: string; px: number }) => (
  <CommonEdge
    paths={parts.map(({ skin }) => skin)}
    id={`${id}skin`}
    stroke={{ colour: 'var(--kv-ink)', opacity: 0.4, width: 1.4 * px }}
  />
)

/** Another layer of coat as one dotted line round the whole dog. */
const Dotted = ({ view, id, px }: { view: FigureView; id: string; px: number }) => (
  <CommonEdge
    paths={view.parts.filter(({ place }) => place !== 'far').map(({ coat }) => coat)}
    id={id}
    stroke={{ colour: 'var(--kv-ink-2)', width: 1.8 * px, dash: `${2 * px} ${3 * px}` }}
  />
)

function Face({ view, px }: { view: FigureView; px: number }) {
  const radius = view.eyeMm
  return (
    <g pointerEvents="none">
      <path d={view.nose} fill="var(--kv-ink)" />
      {view.eyes.map(({ x, y }) => (
        <g key={x}>
          <ellipse cx={x} cy={y} rx={radius * 1.2} ry={radius} fill="var(--kv-ink)" />
          <circle cx={x - radius * 0.35} cy={y - radius * 0.3} r={radius * 0.28} fill="var(--kv-sheet)" />
        </g>
      ))}
      <path d={view.ink} fill="none" stroke="var(--kv-ink)" strokeOpacity={0.75} strokeWidth={1.1 * px} />
    </g>
  )
}
