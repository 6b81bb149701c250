import { useEffect, useEffectEvent, useState } from 'react'
import { NOTHING_HEARD, hear, type Heard } from '@/core/instruments'
import { STAND_IN, type InstrumentLine } from './line'

const FRONT = 'kovit.bench in front'

/**
 * What the devices at this table say. Of several benches that are open, the one that was touched last has the devices: it
 * tells the others, and nothing is kept.
 * @param onPress a step by the pedal
 * @param on nothing is open over the bench that a step would go past
 */
export function useInstruments(onPress: () => void, on: boolean, line: InstrumentLine = STAND_IN): Heard {
  const [heard, setHeard] = useState<Heard>(NOTHING_HEARD)
  const onLine = useEffectEvent((said: string) => {
    const next = hear(heard, said, Date.now())
    setHeard(next.heard)
    if (next.pressed && on) onPress()
  })
  useEffect(() => {
    let isInFront = true
    const channel = new BroadcastChannel(FRONT)
    const claim = () => {
      isInFront = true
      channel.postMessage(null)
    }
    channel.onmessage = () => {
      isInFront = false
    }
    claim()
    addEventListener('focus', claim)
    addEventListener('pointerdown', claim)
    const end = line.listen((said) => isInFront && onLine(said))
    return () => {
      end()
      channel.close()
      removeEventListener('focus', claim)
      removeEventListener('pointerdown', claim)
    }
  }, [line])
  return heard
}
