import type { Measures } from '../build'
import type { Build, Frame } from './builds'

export interface Point {
  x: number
  y: number
}

/** From a frame's own coordinates to mm: x grows to the rear from the breastbone, y up from the floor. The dog faces left. */
export type Place = (frame: Frame, along: number, across: number) => Point

/** A flat muzzle carries its nose so much higher at its end, in skulls. By eye. */
const FLAT_LIFT = 0.14

const turn = (degrees: number) => (degrees * Math.PI) / 180

export function placer(build: Build, m: Measures): Place {
  const { pose } = build
  const withers = { x: pose.withers[0] * m.length, y: pose.withers[1] * m.height }
  const neck = turn(pose.neckAngle)
  const occiput = { x: withers.x - Math.cos(neck) * m.neck, y: withers.y + Math.sin(neck) * m.neck }
  const tip = turn(pose.headAngle)
  const onHead = (along: number, across: number): Point => {
    const forward = along <= 1 ? along * m.skull : m.skull + (along - 1) * m.muzzle
    const up = (across + (build.flat && along > 1 ? (along - 1) * FLAT_LIFT : 0)) * m.skull
    return {
      x: occiput.x - Math.cos(tip) * forward - Math.sin(tip) * up,
      y: occiput.y - Math.sin(tip) * forward + Math.cos(tip) * up,
    }
  }
  const earRoot = onHead(...pose.earSet)
  const ear = turn(pose.earAngle)
  const tail = turn(pose.tailAngle)
  const foreX = pose.foreX * m.length
  const elbow = m.height - m.chestDepth
  const places: Record<Frame, (along: number, across: number) => Point> = {
    body: (a, b) => ({ x: a * m.length, y: b * m.height }),
    chest: (a, b) => ({ x: a * m.length, y: m.height - b * m.chestDepth }),
    neck: (a, b) => ({
      x: withers.x - Math.cos(neck) * a * m.neck - Math.sin(neck) * b * m.skull,
      y: withers.y + Math.sin(neck) * a * m.neck - Math.cos(neck) * b * m.skull,
    }),
    head: onHead,
    fore: (a, b) => ({ x: foreX + a * m.height, y: b * elbow }),
    foot: (a, b) => ({ x: foreX + a * m.height, y: b * m.height }),
    hind: (a, b) => ({ x: m.length + a * m.height, y: b * m.height }),
    ear: (a, b) => ({
      x: earRoot.x + (b * Math.cos(ear) + a * Math.sin(ear)) * m.earLeather,
      y: earRoot.y + (b * Math.sin(ear) - a * Math.cos(ear)) * m.earLeather,
    }),
    tail: (a, b) => ({
      x: pose.tailSet[0] * m.length + (a * Math.cos(tail) - b * Math.sin(tail)) * m.tail,
      y: pose.tailSet[1] * m.height + (a * Math.sin(tail) + b * Math.cos(tail)) * m.tail,
    }),
  }
  return (frame, along, across) => places[frame](along, across)
}
