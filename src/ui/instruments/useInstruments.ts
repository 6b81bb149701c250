import { useEffect, useEffectEvent, useState } from 'react'
import { NOTHING_HEARD, hear, type Heard } from '@/core/instruments'
import { STAND_IN, type InstrumentLine } from './line'

const FRONT = 'kovit.bench in front'

/**
 * What the devices at this table say.
 * @param key of this bench: of several that are open, the one that was touched last has the devices
 * @param onPress a step by the pedal
 * @param on nothing is open over the bench that a step would go past
 */
export function useInstruments(key: string, onPress: () => void, on: boolean, line: InstrumentLine = STAND_IN): Heard {
  const [heard, setHeard] = useState<Heard>(NOTHING_HEARD)
  const onLine = useEffectEvent((said: string) => {
    if (localStorage.getItem(FRONT) !== key) return
    const next = hear(heard, said, Date.now())
    setHeard(next.heard)
    if (next.pressed && on) onPress()
  })
  useEffect(() => {
    const claim = () => localStorage.setItem(FRONT, key)
    claim()
    addEventListener('focus', claim)
    addEventListener('pointerdown', claim)
    const end = line.listen(onLine)
    return () => {
      end()
      removeEventListener('focus', claim)
      removeEventListener('pointerdown', claim)
    }
  }, [key, line])
  return heard
}
