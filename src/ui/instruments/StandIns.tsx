'use client'

import { useEffect, useId, useRef, useState, type ReactNode } from 'react'
import { readScript } from '@/core/instruments'
import { sendLine } from './line'
import styles from './instruments.module.css'

/** A morning at one table, with a line that drops out and nonsense among it. */
const SCRIPT = `0 {"from":"scale","kg":18.4,"still":false}
1 {"from":"scale","kg":18.9,"still":true}
2 {"from":"meter","levelDba":71}
3 {"from":"cabinet","warmthC":30.5,"moisturePercent":72}
4 %R 30.5 C
5 {"from":"meter","levelDba":93}
7 {"from":"cabinet","warmthC":36.5,"moisturePercent":55}
9 {"from":"pedal","press":1001}
26 {"from":"meter","levelDba":70}`

/** Stand-ins for the devices at a table: what is sent here the bench hears that was touched last, in this browser. */
export function StandIns() {
  const [sent, setSent] = useState<string[]>([])
  const [isDown, setDown] = useState(false)
  const send = (line: string) => {
    if (!isDown) sendLine(line)
    setSent((before) => [`${isDown ? 'lost: ' : ''}${line}`, ...before].slice(0, 8))
  }
  return (
    <>
      <div className="kv-head">
        <h1>Stand-ins</h1>
        <p className="kv-quiet">
          No real scale, pedal, reader or meter is connected. These say what such devices would, to the bench that was
          touched last in this browser.
        </p>
      </div>
      <div className={styles.rows}>
        <Scale send={send} />
        <Row name="Foot pedal">
          <button
            type="button"
            className="kv-button"
            onClick={() => send(JSON.stringify({ from: 'pedal', press: Math.floor(Date.now() / 10) }))}
          >
            Press: next step
          </button>
        </Row>
        <Cabinet send={send} />
        <Meter send={send} />
        <Row name="The line">
          <button type="button" className="kv-chip" aria-pressed={isDown} onClick={() => setDown(!isDown)}>
            {isDown ? 'It is down: nothing arrives' : 'Let it drop'}
          </button>
          <button type="button" className="kv-button" onClick={() => send('%R#! 3')}>
            Send nonsense
          </button>
        </Row>
        <Script send={send} />
      </div>
      <ul aria-label="Sent" className="kv-small">
        {sent.map((line, at) => (
          <li key={`${sent.length - at} ${line}`}>{line}</li>
        ))}
      </ul>
    </>
  )
}

interface Sending {
  send: (line: string) => void
}

const Row = ({ name, children }: { name: string; children: ReactNode }) => (
  <section className={styles.row} aria-label={name}>
    <h2>{name}</h2>
    <div className={styles.sends}>{children}</div>
  </section>
)

interface FigureProps {
  label: string
  value: string
  put: (value: string) => void
}

const Figure = ({ label, value, put }: FigureProps) => {
  const id = useId()
  return (
    <>
      <input id={id} inputMode="decimal" value={value} onChange={({ target }) => put(target.value)} />
      <label htmlFor={id}>{label}</label>
    </>
  )
}

function Scale({ send }: Sending) {
  const [kg, setKg] = useState('18.9')
  const line = (still: boolean) => JSON.stringify({ from: 'scale', kg: Number(kg), still })
  return (
    <Row name="Scale">
      <Figure label="kg" value={kg} put={setKg} />
      <button type="button" className="kv-button" onClick={() => send(line(true))}>
        It stands still
      </button>
      <button type="button" className="kv-button" onClick={() => send(line(false))}>
        The dog moves
      </button>
    </Row>
  )
}

function Cabinet({ send }: Sending) {
  const [warmthC, setWarmth] = useState('31')
  const [moisturePercent, setMoisture] = useState('60')
  return (
    <Row name="Cabinet">
      <Figure label="°C" value={warmthC} put={setWarmth} />
      <Figure label="% moist" value={moisturePercent} put={setMoisture} />
      <button
        type="button"
        className="kv-button"
        onClick={() =>
          send(JSON.stringify({ from: 'cabinet', warmthC: Number(warmthC), moisturePercent: Number(moisturePercent) }))
        }
      >
        Send
      </button>
    </Row>
  )
}

function Meter({ send }: Sending) {
  const [levelDba, setLevel] = useState('92')
  return (
    <Row name="Noise meter">
      <Figure label="dB(A)" value={levelDba} put={setLevel} />
      <button
        type="button"
        className="kv-button"
        onClick={() => send(JSON.stringify({ from: 'meter', levelDba: Number(levelDba) }))}
      >
        Send
      </button>
    </Row>
  )
}

/** A script of readings, sent by its seconds. */
function Script({ send }: Sending) {
  const id = useId()
  const [text, setText] = useState(SCRIPT)
  const [fault, setFault] = useState<string | null>(null)
  const [running, setRunning] = useState(false)
  const timers = useRef<ReturnType<typeof setTimeout>[]>([])
  const stop = () => {
    timers.current.forEach(clearTimeout)
    timers.current = []
    setRunning(false)
  }
  useEffect(() => () => timers.current.forEach(clearTimeout), [])
  const run = () => {
    const read = readScript(text)
    setFault(read.ok ? null : read.problems.map(({ sentence }) => sentence).join(' '))
    if (!read.ok) return
    setRunning(true)
    const lastS = read.value.at(-1)?.atS ?? 0
    timers.current = [
      ...read.value.map(({ atS, line }) => setTimeout(() => send(line), atS * 1000)),
      setTimeout(() => setRunning(false), lastS * 1000),
    ]
  }
  return (
    <section aria-label="A script">
      <label htmlFor={id}>A script: a line each, seconds from the start and what is sent</label>
      <textarea
        id={id}
        className={styles.script}
        rows={9}
        value={text}
        onChange={({ target }) => setText(target.value)}
      />
      <p className={styles.sends}>
        <button type="button" className="kv-button" onClick={running ? stop : run}>
          {running ? 'Stop' : 'Run it'}
        </button>
        {fault && <span className="kv-late">{fault}</span>}
      </p>
    </section>
  )
}
