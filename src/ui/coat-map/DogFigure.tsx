import type { FigurePart, FigureView, LengthAt, Point } from '@/core/figure'
import type { Join } from '@/core/patterns'
import { UNEVEN_MM } from '@/core/card'
import { zoneLabel, type Side, type ZoneId } from '@/core/zones'
import { memo, type KeyboardEvent } from 'react'
import { Dotted, EVERYWHERE, SkinLine } from './edges'
import { FaceMarks, INK } from './FaceMarks'
import { lengthColour } from './ramp'
import type { CoatMapProps } from './map'
import { pathThrough, wedge } from './seams'

interface FigureProps extends Pick<
  CoatMapProps,
  'view' | 'lengthMm' | 'joinOf' | 'dotted' | 'done' | 'picked' | 'onPick'
> {
  id: string
  /** One screen pixel in figure units, mm. */
  px: number
  textured: boolean
  lit: ReadonlySet<ZoneId> | null
  /** Too small for seams and texture. */
  plain: boolean
}

/** What is done keeps this much of its colour, so that the zones of the stage stand out. */
const DONE_TINT = '45%'

type FillOf = (zone: ZoneId, side?: Side) => string

/**
 * The drawn dog. The outline of all near parts together comes from painting every part's line first and every part's
 * fill over it: what remains of the lines lies outside the whole. What lies over the rest has a line of its own.
 */
export function DogFigure(props: FigureProps) {
  const { view, id, px, lengthMm, lit, done, dotted } = props
  const fillOf: FillOf = (zone, side) => {
    if (lit === null || lit.has(zone)) return lengthColour(lengthMm(zone, side))
    return done?.has(zone)
      ? `color-mix(in srgb, ${lengthColour(lengthMm(zone, side))} ${DONE_TINT}, var(--kv-sheet))`
      : 'var(--kv-len-none)'
  }
  const placed = (place: FigurePart['place']) => view.parts.filter((part) => part.place === place)
  const near = placed('near')
  return (
    <g strokeLinejoin="round">
      <defs>
        {view.parts.map((part) => (
          <path key={part.id} id={`${id}${part.id}shape`} d={part.place === 'far' ? part.coat : whole(part)} />
        ))}
      </defs>
      {dotted && <Dotted view={dotted} id={`${id}d`} px={px} />}
      {placed('far').map((part) => (
        <g key={part.id}>
          <use href={`#${id}${part.id}shape`} fill={fillOf(part.ground)} stroke="var(--kv-ink)" strokeWidth={px} />
          <use href={`#${id}${part.id}shape`} fill="var(--kv-ink)" fillOpacity={0.13} />
        </g>
      ))}
      <Outline parts={near} id={id} px={px} />
      {near.map((part) => (
        <Part key={part.id} {...props} part={part} fillOf={fillOf} />
      ))}
      {!props.plain && <LegSeams view={view} id={id} px={px} />}
      {!props.plain && <SkinLine parts={near} id={id} px={px} />}
      <Over {...props} parts={placed('over')} fillOf={fillOf} />
      <path d={view.ink} {...INK} strokeWidth={1.1 * px} />
      <Over {...props} parts={placed('beard')} fillOf={fillOf} />
      <FaceMarks view={view} px={px} />
      <Over {...props} parts={placed('fringe')} fillOf={fillOf} />
      <Over {...props} parts={placed('top')} fillOf={fillOf} />
    </g>
  )
}

/** Parts that lie over the rest, each with a line of its own. */
const Over = ({ parts, fillOf, ...props }: FigureProps & { parts: FigurePart[]; fillOf: FillOf }) =>
  parts.map((part) => (
    <g key={part.id} opacity={part.opacity}>
      {part.hem === undefined && <Outline parts={[part]} id={props.id} px={props.px * (part.weight ?? 1)} />}
      {part.joins && <Beyond part={part} id={props.id} px={props.px} />}
      <Part {...props} part={part} fillOf={fillOf} />
      {part.hem && (
        <path
          d={part.hem}
          fill="none"
          stroke="var(--kv-ink)"
          strokeWidth={1.5 * props.px * (part.weight ?? 1)}
          strokeLinecap="round"
          pointerEvents="none"
        />
      )}
    </g>
  ))

/** The whole line of a mass where it stands beyond the part that it covers. */
const Beyond = ({ part, id, px }: { part: FigurePart; id: string; px: number }) => (
  <>
    <mask id={`${id}${part.id}beyond`} maskUnits="userSpaceOnUse" {...EVERYWHERE}>
      <rect {...EVERYWHERE} fill="white" />
      <use href={`#${id}${part.joins}shape`} fill="black" />
    </mask>
    <g mask={`url(#${id}${part.id}beyond)`}>
      <Outline parts={[part]} id={id} px={px} />
    </g>
  </>
)

/** Lines along the fall of hair. */
const STRAND = { fill: 'none', stroke: 'var(--kv-ink)', pointerEvents: 'none' } as const

/** Coat and skin together: where long hair falls away from a tip, the skin still shows. */
const whole = ({ coat, skin }: FigurePart): string => coat + skin

const Outline = ({ parts, id, px }: { parts: FigurePart[]; id: string; px: number }) =>
  parts.map((part) => (
    <use key={part.id} href={`#${id}${part.id}shape`} fill="none" stroke="var(--kv-ink)" strokeWidth={3.4 * px} />
  ))

/** One part of the body: its zones as fields, cut to its coat line, with the seams between them. */
function Part({
  part,
  view,
  id,
  px,
  textured,
  plain,
  fillOf,
  lengthMm,
  joinOf,
  picked,
  onPick,
}: FigureProps & { part: FigurePart; fillOf: FillOf }) {
  const cells = view.cells.filter((cell) => cell.part === part.id)
  const { ground, side } = part
  const shape = `#${id}${part.id}shape`
  const title = (zone: ZoneId, of?: Side) =>
    `${zoneLabel(zone)}${of ? `, ${of}` : ''}: ${Math.round(lengthMm(zone, of) * 10) / 10} mm`
  const pick = (zone: ZoneId, of?: Side) =>
    onPick ? pickable(title(zone, of), picked?.has(zone) === true, () => onPick(zone)) : {}
  const uneven = cells.filter((cell) => cell.side && isUneven(cell.zone, lengthMm)).map(({ field }) => field)
  const fieldsPicked = [
    ...(picked?.has(ground) ? [part.coat] : []),
    ...cells.filter(({ zone }) => picked?.has(zone)).map(({ field }) => field),
  ]
  return (
    <g>
      <clipPath id={`${id}${part.id}`}>
        <use href={shape} />
      </clipPath>
      <g clipPath={`url(#${id}${part.id})`}>
        <use href={shape} fill={fillOf(ground, side)} data-zone={ground} {...pick(ground, side)}>
          <title>{title(ground, side)}</title>
        </use>
        {cells.map((cell, index) => (
          <path
            key={index}
            d={cell.field}
            fill={fillOf(cell.zone, cell.side)}
            data-zone={cell.zone}
            {...pick(cell.zone, cell.side)}
          >
            <title>{title(cell.zone, cell.side)}</title>
          </path>
        ))}
        {part.strands && (
          <path d={part.strands} {...STRAND} strokeOpacity={0.32 * (part.weight ?? 1)} strokeWidth={px} />
        )}
        {textured && !plain && !part.strands && (
          <use href={shape} fill={`url(#${id}coat)`} fillOpacity={0.2} pointerEvents="none" />
        )}
        {!plain &&
          cells.map((cell, index) => (
            <Seam key={index} along={cell.seam} join={joinOf?.(cell.zone) ?? 'blend'} px={px} />
          ))}
        {uneven.map((d) => (
          <path
            key={`uneven${d}`}
            d={d}
            fill="none"
            stroke="var(--kv-caution)"
            strokeWidth={3 * px}
            strokeDasharray={`${7 * px} ${4 * px}`}
            pointerEvents="none"
          />
        ))}
        {fieldsPicked.map((d) => (
          <path key={`picked${d}`} d={d} fill="none" stroke="var(--kv-now)" strokeWidth={4 * px} pointerEvents="none" />
        ))}
      </g>
    </g>
  )
}

/** A field of the map as a button: by mouse, by touch and by keyboard. */
const pickable = (label: string, pressed: boolean, onPick: () => void) => ({
  role: 'button',
  tabIndex: 0,
  'aria-label': label,
  'aria-pressed': pressed,
  onClick: onPick,
  onKeyDown: (event: KeyboardEvent<SVGElement>) => {
    if (event.key !== 'Enter' && event.key !== ' ') return
    event.preventDefault()
    event.stopPropagation()
    onPick()
  },
  style: { cursor: 'pointer' },
})

/** Left and right of a zone further apart than the eye forgives. */
const isUneven = (zone: ZoneId, lengthMm: LengthAt): boolean =>
  Math.abs(lengthMm(zone, 'left') - lengthMm(zone, 'right')) > UNEVEN_MM

/** How two zones meet: blend dashed, taper a wedge, line solid. It stays where it is while the coat grows. */
const Seam = memo(function Seam({ along, join, px }: { along: readonly Point[]; join: Join; px: number }) {
  if (join === 'taper')
    return <path d={wedge(along, px)} fill="var(--kv-ink)" fillOpacity={0.85} pointerEvents="none" />
  const blend = join === 'blend'
  return (
    <path
      d={pathThrough(along)}
      fill="none"
      stroke="var(--kv-ink)"
      strokeOpacity={0.85}
      strokeWidth={(blend ? 1.1 : 1.5) * px}
      strokeDasharray={blend ? `${5 * px} ${4 * px}` : undefined}
      pointerEvents="none"
    />
  )
})

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
