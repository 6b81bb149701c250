'use client'

import { useState } from 'react'
import { Sheet } from '../frame/Sheet'
import { usePageKeys, type PageKey } from './pageKeys'
import { isTyping, useKeyOnPage } from './useKeyDown'
import styles from './keys.module.css'

const EVERYWHERE: readonly PageKey[] = [
  ['Tab', 'on to the next field, button or link, as the page is read'],
  ['Enter', 'press what has the focus'],
  ['Esc', 'close what lies over the page'],
  ['?', 'these keys'],
]

/** What the keys of this page do: `?` opens the list, and so does the word. */
export function KeySheet({ word }: { word?: string }) {
  const [open, setOpen] = useState(false)
  const keys = usePageKeys()
  useKeyOnPage((event) => {
    if (event.key !== '?' || isTyping(event)) return
    event.preventDefault()
    setOpen(true)
  })
  return (
    <>
      {word && (
        <button type="button" className="kv-word" onClick={() => setOpen(true)}>
          {word}
        </button>
      )}
      {open && (
        <Sheet title="Keys of this page" onClose={() => setOpen(false)}>
          <table className={`kv-rows ${styles.keys}`}>
            <tbody>
              {[...keys, ...EVERYWHERE].map(([key, does]) => (
                <tr key={key}>
                  <th scope="row">
                    <kbd>{key}</kbd>
                  </th>
                  <td>{does}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </Sheet>
      )}
    </>
  )
}
