import { useId } from 'react'
import { COAT_FACTS } from '@/core/coat'
import { withAir, type Box, type FigureView, type Guide, type Point, type ViewId } from '@/core/figure'
import { groupOf, type Side, type ZoneId } from '@/core/zones'
import { CalloutMark } from './CalloutMark'
import { placeCallouts, spoken, type Callout } from './callouts'
import { DogFigure } from './DogFigure'
import type { CoatMapProps } from './map'
import { Paper, Texture } from './Paper'

/** The coat map as a tailor's pattern: the dog in ink on mm paper, each zone filled by its length, joins as seams. */
export function CoatMap(props: CoatMapProps) {
  const { label, view, coat, lengthMm, lit, callouts, width, height, large = false, bare = false } = props
  const id = useId().replace(/[^a-zA-Z0-9]/g, '')
  const { focus, margin, scale, shift } = layOut(props)
  const onPaper = ({ x, y }: Point): Point => ({ x: x * scale + shift.x, y: y * scale + shift.y })
  const dotOf = (zone: ZoneId, side?: Side) => {
    const anchor = side === 'right' ? view.rightAnchors[zone] : view.anchors[zone]
    return anchor && onPaper(anchor)
  }
  const gap = large ? 76 : callouts.some(({ below }) => below) ? 52 : 46
  const placed = placeCallouts(callouts, dotOf, { width, height, gap })
  return (
    <svg
      width={width}
      height={height}
      viewBox={`0 0 ${width} ${height}`}
      role="group"
      aria-label={`${label}. ${inWords(callouts)}`}
      style={{ display: 'block', maxWidth: '100%', height: 'auto' }}
    >
      {!bare && <Paper id={id} width={width} height={height} />}
      <Texture id={id} coat={coat} px={1 / scale} />
      <clipPath id={`${id}paper`}>
        <rect x={focus ? margin : 0} width={focus ? width - 2 * margin : width} height={height} />
      </clipPath>
      <g clipPath={`url(#${id}paper)`}>
        <g transform={`translate(${shift.x} ${shift.y}) scale(${scale})`}>
          <DogFigure
            {...props}
            id={id}
            px={(bare ? BARE_INK : 1) / scale}
            textured={COAT_FACTS[coat].stands > 0}
            plain={callouts.length === 0}
            lit={lit ?? null}
            lengthMm={lengthMm}
          />
        </g>
      </g>
      {focus && (
        <path
          d={`M${width - margin} 1V${height - 1}`}
          stroke="var(--kv-flax-edge)"
          strokeWidth={1.5}
          strokeDasharray="5 4"
        />
      )}
      {callouts.length > 0 && RIGHT_IS[view.id] && (
        <SideWords right={RIGHT_IS[view.id] ?? 'left'} width={width} height={height} large={large} />
      )}
      {props.guides?.map((guide, index) => (
        <GuideLine key={index} {...guideEnds(guide, { width, height, margin }, onPaper)} words={guide.words} />
      ))}
      {placed.map((callout) => (
        <CalloutMark
          key={`${callout.zone}${callout.side ?? ''}`}
          callout={callout}
          width={width}
          size={sizeFor(width, large)}
          picked={props.picked?.has(callout.zone) === true}
          {...(props.onPick ? { onPick: props.onPick } : {})}
        />
      ))}
    </svg>
  )
}

/** Room round the figure for its callouts, px: beside it, and above and below together. */
const ROOM = {
  large: { beside: 130, over: 70 },
  tight: { beside: 84, over: 40 },
  close: { beside: 76, over: 50 },
  desk: { beside: 118, over: 56 },
  plain: { beside: 24, over: 28 },
  bare: { beside: 1, over: 2 },
}

/** On paper narrower than this words may stand over the dog's corners, px. */
const TIGHT_PX = 420

/** How large the words beside the dog are. */
const sizeFor = (width: number, large = false) =>
  width < TIGHT_PX ? (large ? 'tight' : 'close') : large ? 'large' : 'desk'

/** Where the figure lies on its paper, and how large. */
function layOut({ view, dotted, callouts, width, height, large, bare, ...props }: CoatMapProps) {
  const focus = props.focus ?? (view.close ? view.box : undefined)
  const box = focus ?? union(union(view.box, dotted?.box), props.room)
  const named = sizeFor(width, large)
  const { beside, over } = ROOM[callouts.length > 0 ? named : bare ? 'bare' : 'plain']
  const scale = Math.min((width - 2 * beside) / (box.right - box.left), (height - over) / (box.bottom - box.top))
  const shift = {
    x: width / 2 - ((box.left + box.right) / 2) * scale,
    y: height / 2 + (large ? 0 : 2) - ((box.top + box.bottom) / 2) * scale,
  }
  return { focus, margin: beside, scale, shift }
}

/** Lines of a dog beside its name are finer than on paper. */
const BARE_INK = 0.6

/** Where the dog's right is on the paper, for views that show both sides. */
const RIGHT_IS: Partial<Record<ViewId, 'left' | 'right'>> = { front: 'left', 'head-front': 'left', rear: 'right' }

interface GuideEnds {
  from: Point
  to: Point
  /** Where its name starts from. */
  anchor: 'start' | 'middle' | 'end'
}

/** Where a guide lies on the paper: through all of it, or between its two points. */
function guideEnds(
  guide: Guide,
  paper: { width: number; height: number; margin: number },
  onPaper: (point: Point) => Point,
): GuideEnds {
  if (guide.lies === 'between') return { from: onPaper(guide.from), to: onPaper(guide.to), anchor: 'start' }
  if (guide.lies === 'upright') {
    const { x } = onPaper({ x: guide.xMm, y: 0 })
    return { from: { x, y: 26 }, to: { x, y: paper.height - 24 }, anchor: 'middle' }
  }
  const { y } = onPaper({ x: 0, y: guide.yMm })
  return { from: { x: paper.width - paper.margin + 6, y }, to: { x: paper.margin - 6, y }, anchor: 'end' }
}

/** Fine and dashed, its name at its beginning with paper behind it, so that no leader crosses the letters. */
function GuideLine({ from, to, anchor, words }: GuideEnds & { words: string }) {
  return (
    <g pointerEvents="none">
      <path
        d={`M${from.x} ${from.y}L${to.x} ${to.y}`}
        stroke="var(--kv-ink-2)"
        strokeWidth={1}
        strokeDasharray="2 4"
        fill="none"
      />
      <text
        x={from.x + (anchor === 'start' ? 12 : 0)}
        y={from.y - 6}
        textAnchor={anchor}
        fontSize={12.5}
        fill="var(--kv-ink-2)"
        stroke="var(--kv-sheet)"
        strokeWidth={3}
        paintOrder="stroke"
      >
        {words}
      </text>
    </g>
  )
}

interface SideWordsProps {
  right: 'left' | 'right'
  width: number
  height: number
  large: boolean
}

/** Which side of the dog is where: below it, on the bench above it, where its labels leave room. */
function SideWords({ right, width, height, large }: SideWordsProps) {
  const words = right === 'left' ? ['dog’s right', 'dog’s left'] : ['dog’s left', 'dog’s right']
  const y = large ? 24 : height - 9
  return (
    <g fontSize={large ? 18 : 12.5} fill="var(--kv-ink-3)">
      <text x={width / 2 - 50} y={y} textAnchor="end">
        {words[0]}
      </text>
      <text x={width / 2 + 50} y={y}>
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

const inWords = (callouts: readonly Callout[]): string => callouts.map(spoken).join('; ')

/** The part of the figure that a set of zones is on: the head alone, or the whole dog. */
export function focusOn(view: FigureView, zones: readonly ZoneId[]): Box | undefined {
  const { headBox } = view
  if (headBox === null || zones.length === 0 || !zones.every((zone) => groupOf(zone) === 'head')) return undefined
  return withAir(headBox)
}
