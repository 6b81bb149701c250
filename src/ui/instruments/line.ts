/**
 * What brings lines from devices to this screen. A stand-in ships; a cable or a radio is another object of this shape, and
 * nothing else has to know of it.
 */
export interface InstrumentLine {
  /** Whether no real device is behind it: said on the screen. */
  isStandIn: boolean
  /** @returns ends the hearing */
  listen: (onLine: (line: string) => void) => () => void
}

const CHANNEL = 'kovit.instruments'

/** Lines that the page of stand-ins sends, in the same browser. */
export const STAND_IN: InstrumentLine = {
  isStandIn: true,
  listen: (onLine) => {
    const channel = new BroadcastChannel(CHANNEL)
    channel.onmessage = ({ data }: MessageEvent<unknown>) => onLine(String(data))
    return () => channel.close()
  },
}

/** Sends a line as a stand-in. */
export function sendLine(line: string): void {
  const channel = new BroadcastChannel(CHANNEL)
  channel.postMessage(line)
  channel.close()
}
