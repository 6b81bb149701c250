import { useId } from 'react'
import { COAT_FACTS } from '@/core/coat'
import type { Box, SideView } from '@/core/figure'
import { groupOf, zoneLabel, type ZoneId } from '@/core/zones'
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
  const dotOf = (zone: ZoneId) => {
    const anchor = view.anchors[zone]
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
      {placed.map((callout) => (
        <CalloutMark
          key={callout.zone}
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
export function focusOn(view: SideView, zones: readonly ZoneId[]): Box | undefined {
  if (zones.length === 0 || !zones.every((zone) => groupOf(zone) === 'head')) return undefined
  const all = union(view.boxes.head, view.boxes.ear)
  const air = (all.bottom - all.top) * 0.08
  return { left: all.left - air, right: all.right + air, top: all.top - air, bottom: all.bottom + air }
}
