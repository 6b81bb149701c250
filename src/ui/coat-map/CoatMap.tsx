import { useId } from 'react'
import { COAT_FACTS } from '@/core/coat'
import type { Guide } from '@/core/balance'
import type { Box, FigureView, ViewId } from '@/core/figure'
import { groupOf, zoneLabel, type Side, type ZoneId } from '@/core/zones'
import { CalloutMark } from './CalloutMark'
import { placeCallouts, type Callout } from './callouts'
import { DogFigure } from './DogFigure'
import type { CoatMapProps } from './map'
import { Paper, Texture } from './Paper'

/** The coat map as a tailor's pattern: the dog in ink on mm paper, each zone filled by its length, joins as seams. */
export function CoatMap(props: CoatMapProps) {
  const { label, view, coat, lengthMm, lit, callouts, width, height, large = false } = props
  const id = useId().replace(/[^a-zA-Z0-9]/g, '')
  const margin = callouts.length > 0 ? (large ? 130 : 118) : 24
  const box = props.focus ?? union(view.box, props.dotted?.box)
  const scale = Math.min(
    (width - 2 * margin) / (box.right - box.left),
    (height - (callouts.length === 0 ? 28 : large ? 70 : 56)) / (box.bottom - box.top),
  )
  const shift = {
    x: width / 2 - ((box.left + box.right) / 2) * scale,
    y: height / 2 + (large ? 0 : 2) - ((box.top + box.bottom) / 2) * scale,
  }
  const dotOf = (zone: ZoneId, side?: Side) => {
    const anchor = side === 'right' ? view.rightAnchors[zone] : view.anchors[zone]
    return anchor && { x: anchor.x * scale + shift.x, y: anchor.y * scale + shift.y }
  }
  const placed = placeCallouts(callouts, dotOf, {
    width,
    height,
    gap: large ? 76 : callouts.some(({ below }) => below) ? 52 : 46,
  })
  return (
    <svg
      width={width}
      height={height}
      viewBox={`0 0 ${width} ${height}`}
      role="group"
      aria-label={`${label}. ${inWords(callouts)}`}
      style={{ display: 'block', maxWidth: '100%', height: 'auto' }}
    >
      <Paper id={id} width={width} height={height} />
      <Texture id={id} coat={coat} px={1 / scale} />
      <clipPath id={`${id}paper`}>
        <rect x={props.focus ? margin : 0} width={props.focus ? width - 2 * margin : width} height={height} />
      </clipPath>
      <g clipPath={`url(#${id}paper)`}>
        <g transform={`translate(${shift.x} ${shift.y}) scale(${scale})`}>
          <DogFigure
            {...props}
            id={id}
            px={1 / scale}
            textured={COAT_FACTS[coat].stands > 0}
            plain={callouts.length === 0}
            lit={lit ?? null}
            lengthMm={lengthMm}
          />
        </g>
      </g>
      {props.focus && (
        <path
          d={`M${width - margin} 1V${height - 1}`}
          stroke="var(--kv-flax-edge)"
          strokeWidth={1.5}
          strokeDasharray="5 4"
        />
      )}
      {callouts.length > 0 && RIGHT_IS[view.id] && (
        <SideWords right={RIGHT_IS[view.id] ?? 'left'} width={width} height={height} />
      )}
      {props.guides?.map((guide) => (
        <GuideLine
          key={guide.words}
          guide={guide}
          at={guide.upright ? guide.atMm * scale + shift.x : shift.y - guide.atMm * scale}
          across={guide.upright ? [26, height - 24] : [margin - 6, width - margin + 6]}
        />
      ))}
      {placed.map((callout) => (
        <CalloutMark
          key={`${callout.zone}${callout.side ?? ''}`}
          callout={callout}
          width={width}
          large={large}
          picked={props.picked?.has(callout.zone) === true}
          {...(props.onPick ? { onPick: props.onPick } : {})}
        />
      ))}
    </svg>
  )
}

/** Where the dog's right is on the paper, for views that show both sides. */
const RIGHT_IS: Partial<Record<ViewId, 'left' | 'right'>> = { front: 'left', 'head-front': 'left', rear: 'right' }

/** Fine and dashed, with its name at the end. */
function GuideLine({ guide, at, across: [from, to] }: { guide: Guide; at: number; across: readonly [number, number] }) {
  const d = guide.upright ? `M${at} ${from}V${to}` : `M${from} ${at}H${to}`
  return (
    <g pointerEvents="none">
      <path d={d} stroke="var(--kv-ink-2)" strokeWidth={1} strokeDasharray="2 4" fill="none" />
      <text x={guide.upright ? at : from + 2} y={guide.upright ? from - 6 : at - 4} textAnchor={guide.upright ? 'middle' : 'start'} fontSize={12.5} fill="var(--kv-ink-2)">
        {guide.words}
      </text>
    </g>
  )
} // prettier-ignore

function SideWords({ right, width, height }: { right: 'left' | 'right'; width: number; height: number }) {
  const words = right === 'left' ? ['dog’s right', 'dog’s left'] : ['dog’s left', 'dog’s right']
  return (
    <g fontSize={12.5} fill="var(--kv-ink-3)">
      <text x={width / 2 - 50} y={height - 9} textAnchor="end">
        {words[0]}
      </text>
      <text x={width / 2 + 50} y={height - 9}>
        {words[1]}
      </text>
    </g>
  )
}

const union = (a: Box, b: Box | undefined): Box =>
  b === undefined
    ? a
    : {
        left: Math.min(a.left, b.left),
        right: Math.max(a.right, b.right),
        top: Math.min(a.top, b.top),
        bottom: Math.max(a.bottom, b.bottom),
      }

const inWords = (callouts: readonly Callout[]): string =>
  callouts.map(({ zone, name, figure, unit }) => `${name || zoneLabel(zone)} ${figure} ${unit}`).join(', ')

/** The part of the figure that a set of zones is on: the head alone, or the whole dog. */
export function focusOn(view: FigureView, zones: readonly ZoneId[]): Box | undefined {
  const { headBox } = view
  if (headBox === null || zones.length === 0 || !zones.every((zone) => groupOf(zone) === 'head')) return undefined
  const air = (headBox.bottom - headBox.top) * 0.08
  return { left: headBox.left - air, right: headBox.right + air, top: headBox.top - air, bottom: headBox.bottom + air }
}
