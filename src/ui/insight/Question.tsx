'use client'

import type { ReactNode } from 'react'
import {
  Bar,
  BarChart,
  CartesianGrid,
  Legend,
  Line,
  LineChart,
  ResponsiveContainer,
  Tooltip,
  XAxis,
  YAxis,
} from 'recharts'
import styles from './insight.module.css'

interface QuestionProps {
  asks: string
  answer: string
  /** Enough is known to answer. */
  known: boolean
  children: ReactNode
}

/** One question, its answer in words, and the chart that shows it. */
export const Question = ({ asks, answer, known, children }: QuestionProps) => (
  <section className={styles.question}>
    <h2>{asks}</h2>
    {known ? (
      <>
        <p>{answer}</p>
        {children}
      </>
    ) : (
      <p className={styles.empty}>Not enough grooms yet to tell.</p>
    )}
  </section>
)

type Row = Record<string, string | number>
/** Names in ink: a legend in the colour of its bar may be too pale to read. */
const inInk = (name: string) => <span style={{ color: 'var(--kv-ink-2)' }}>{name}</span>
const HEIGHT_PX = 190
/** Where two people are compared a bar is still a bar, not a field. */
const MOST_BAR_PX = 48
const MARGIN = { top: 8, right: 12, bottom: 0, left: -18 }
const AXIS = { tickLine: false, stroke: 'var(--kv-ink-3)', fontSize: 12.5 } as const
const FILLS = { planned: 'var(--kv-flax)', done: 'var(--kv-now)' } as const
/** Lines are told apart by dashes as well as by colour. */
const LINES = [
  ['var(--kv-now)', ''],
  ['var(--kv-caution)', '6 3'],
  ['var(--kv-ink)', '2 3'],
  ['var(--kv-late)', '8 3 2 3'],
  ['var(--kv-now)', '1 4'],
  ['var(--kv-ink-3)', '10 4'],
] as const

interface BarsProps {
  rows: readonly object[]
  bars: readonly (readonly [string, keyof typeof FILLS])[]
  unit: string
}

export const Bars = ({ rows, bars, unit }: BarsProps) => (
  <ResponsiveContainer width="100%" height={HEIGHT_PX}>
    <BarChart data={rows as Row[]} margin={MARGIN} accessibilityLayer>
      <CartesianGrid vertical={false} stroke="var(--kv-rule)" />
      <XAxis dataKey="name" interval={0} {...AXIS} />
      <YAxis axisLine={false} unit="" {...AXIS} />
      <Tooltip
        cursor={{ fill: 'var(--kv-flax)', fillOpacity: 0.35 }}
        formatter={(value) => `${String(value)} ${unit}`}
        contentStyle={TIP}
        isAnimationActive={false}
      />
      {bars.length > 1 && <Legend iconType="square" height={22} formatter={inInk} />}
      {bars.map(([key, kind]) => (
        <Bar
          key={key}
          dataKey={key}
          fill={FILLS[kind]}
          stroke={kind === 'planned' ? 'var(--kv-flax-edge)' : 'none'}
          maxBarSize={MOST_BAR_PX}
          isAnimationActive={false}
        />
      ))}
    </BarChart>
  </ResponsiveContainer>
)

/** Long names stand on the left, a bar to each. */
export const NamedBars = ({ rows, bar, unit }: { rows: readonly object[]; bar: string; unit: string }) => (
  <ResponsiveContainer width="100%" height={HEIGHT_PX}>
    <BarChart data={rows as Row[]} margin={{ ...MARGIN, left: 0 }} layout="vertical" accessibilityLayer>
      <CartesianGrid horizontal={false} stroke="var(--kv-rule)" />
      <XAxis type="number" {...AXIS} />
      <YAxis type="category" dataKey="name" width={104} interval={0} {...AXIS} />
      <Tooltip
        cursor={{ fill: 'var(--kv-flax)', fillOpacity: 0.35 }}
        formatter={(value) => `${String(value)} ${unit}`}
        contentStyle={TIP}
        isAnimationActive={false}
      />
      <Bar dataKey={bar} fill={FILLS.done} maxBarSize={MOST_BAR_PX} isAnimationActive={false} />
    </BarChart>
  </ResponsiveContainer>
)

interface LinesProps {
  rows: readonly object[]
  lines: readonly string[]
  unit: string
  top?: number
  bottom?: number
  named?: boolean
}

/** What stays near its top is looked at from close by: the axis begins a tenth below the lowest. */
export function bottomNear(top: number, values: readonly number[]): number {
  const lowestTenth = Math.floor((10 * Math.min(top, ...values)) / top)
  return (Math.max(0, lowestTenth - 1) * top) / 10
}

export const Lines = ({ rows, lines, unit, top, bottom = 0, named = false }: LinesProps) => (
  <ResponsiveContainer width="100%" height={HEIGHT_PX}>
    <LineChart data={rows as Row[]} margin={MARGIN} accessibilityLayer>
      <CartesianGrid vertical={false} stroke="var(--kv-rule)" />
      <XAxis dataKey="name" {...AXIS} />
      <YAxis axisLine={false} domain={[bottom, top ?? 'auto']} {...AXIS} />
      <Tooltip formatter={(value) => `${String(value)} ${unit}`} contentStyle={TIP} isAnimationActive={false} />
      {named && <Legend iconType="plainline" height={22} formatter={inInk} />}
      {lines.map((key, at) => {
        const [colour, dash] = LINES[at % LINES.length] as (typeof LINES)[number]
        return (
          <Line
            key={key}
            dataKey={key}
            stroke={colour}
            strokeDasharray={dash}
            strokeWidth={2}
            dot={{ r: 2.5 }}
            isAnimationActive={false}
          />
        )
      })}
    </LineChart>
  </ResponsiveContainer>
)

const TIP = {
  background: 'var(--kv-sheet)',
  border: '1px solid var(--kv-flax-edge)',
  borderRadius: 2,
  color: 'var(--kv-ink)',
}
