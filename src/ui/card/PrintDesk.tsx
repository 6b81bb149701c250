'use client'

import Link from 'next/link'
import type { ReactNode } from 'react'
import { PrintButton } from '../frame/PrintButton'
import styles from './print.module.css'

interface PrintDeskProps {
  words: string
  back: { href: string; label: string }
  children: ReactNode
}

/** The sheet as it will come out, and the button that prints it. */
export function PrintDesk({ words, back, children }: PrintDeskProps) {
  return (
    <>
      <div className={styles.desk}>
        <p className="kv-quiet">{words}</p>
        <Link className="kv-button" href={back.href}>
          {back.label}
        </Link>
        <PrintButton words="Print on A5" />
      </div>
      {children}
    </>
  )
}
