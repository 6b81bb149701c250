'use client'

import { Input } from 'antd'
import type { Plan } from '@/core/plan'
import { MAX_WORDS } from '@/core/request'
import { keysLabel } from './zoneKeys'
import styles from './plan.module.css'

interface SaidProps {
  words: string
  plan: Plan
  onWords: (words: string) => void
}

/** The owner's words, what was taken from them by zone, and what has to be asked back. */
export function Said({ words, plan, onWords }: SaidProps) {
  return (
    <>
      <label className="kv-field">
        In the owner’s words
        <Input.TextArea
          maxLength={MAX_WORDS}
          placeholder="half an inch all over, leave the ears, tail an inch off the floor"
          rows={4}
          key={words}
          defaultValue={words}
          onBlur={(event) => event.target.value !== words && onWords(event.target.value)}
        />
      </label>
      {plan.understood.length > 0 && (
        <table className="kv-rows">
          <caption className="kv-strong" style={{ textAlign: 'left', paddingBottom: 4 }}>
            Understood
          </caption>
          <tbody>
            {plan.understood.map(({ words: said, zones, means }) => (
              <tr key={said}>
                <td style={{ padding: '5px 0' }}>
                  <b>{keysLabel(zones)}:</b> {means}
                  <span className="kv-small" style={{ display: 'block' }}>
                    “{said}”
                  </span>
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {plan.unclear.length > 0 && (
        <div className="kv-notice">
          <p className="kv-strong kv-caution">To ask back</p>
          <ul className={styles.plainList}>
            {plan.unclear.map((question) => (
              <li key={question}>{question}</li>
            ))}
          </ul>
        </div>
      )}
    </>
  )
}
