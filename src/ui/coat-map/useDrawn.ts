import { useEffect } from 'react'
import { drawView, type Cut, type FigureDog, type FigureView, type LengthAt, type ViewId } from '@/core/figure'

/** One layer of coat: its lengths and how it is cut. The same object is the same coat. */
export interface Layer {
  lengthAt: LengthAt
  cut?: Cut
}

const drawn = new WeakMap<Layer, WeakMap<FigureDog, Map<ViewId, FigureView>>>()

/** A layer on a dog, as drawn; asked again it is there already. */
function drawnOnce(from: ViewId, dog: FigureDog, layer: Layer): FigureView {
  const dogs = drawn.get(layer) ?? new WeakMap<FigureDog, Map<ViewId, FigureView>>()
  const views = dogs.get(dog) ?? new Map<ViewId, FigureView>()
  drawn.set(layer, dogs.set(dog, views))
  const view = views.get(from) ?? drawView(from, dog, layer.lengthAt, layer.cut)
  views.set(from, view)
  return view
}

const NONE: readonly Layer[] = []

/** How long the hand has to rest before layers that may come are drawn, ms. */
const REST_MS = 120

/**
 * A layer's view. The layers that may be asked for next are drawn one by one while the hand rests, so that a slider
 * finds them ready.
 */
export function useDrawn(from: ViewId, dog: FigureDog, layer: Layer, soon: readonly Layer[] = NONE): FigureView {
  useEffect(() => {
    const waiting = [...soon]
    let timer: ReturnType<typeof setTimeout>
    const next = () => {
      const layer = waiting.shift()
      if (!layer) return
      drawnOnce(from, dog, layer)
      timer = setTimeout(next)
    }
    timer = setTimeout(next, REST_MS)
    return () => clearTimeout(timer)
  }, [from, dog, soon])
  return drawnOnce(from, dog, layer)
}
