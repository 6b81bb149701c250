import { useEffect } from 'react'
import { remembered } from '../device/clock'

const BEEP_HZ = 880
const BEEP_S = 0.18
const BEEPS = 3
const BUZZ_MS = [300, 150, 300, 150, 300]

/** Three beeps and a buzz; a device that has neither, or was not touched since the page was loaded, stays silent. */
function ring(): void {
  navigator.vibrate?.(BUZZ_MS)
  const audio = new AudioContext()
  for (let beep = 0; beep < BEEPS; beep++) {
    const tone = audio.createOscillator()
    const volume = audio.createGain()
    tone.frequency.value = BEEP_HZ
    volume.gain.value = 0.2
    tone.connect(volume).connect(audio.destination)
    tone.start(audio.currentTime + beep * 2 * BEEP_S)
    tone.stop(audio.currentTime + (beep * 2 + 1) * BEEP_S)
  }
  setTimeout(() => void audio.close(), 2000)
}

/**
 * Rings once when a moment is reached, and once more late if the device slept through it or the page was loaded after;
 * what has rung on this device does not ring again.
 * @param what which alarm it is: two may be due in the same second
 */
export function useAlarm(what: string, atMs: number, nowMs: number): void {
  const reached = nowMs >= atMs
  useEffect(() => {
    const key = `kovit.rung.${what}.${Math.round(atMs / 1000)}`
    if (!reached || remembered.getItem(key) !== null) return
    remembered.setItem(key, 'yes')
    ring()
  }, [what, reached, atMs])
}
