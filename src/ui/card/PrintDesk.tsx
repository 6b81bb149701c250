'use client'

import Link from 'next/link'
import { useEffect, useRef, type ReactNode } from 'react'
import { PrintButton } from '../frame/PrintButton'
import styles from './print.module.css'

interface PrintDeskProps {
  words: string
  back: { href: string; label: string }
  children: ReactNode
}

/** The height of the paper that is printed on, px. */
const PAPER_PX = (209 * 96) / 25.4
const STEP = 0.02
const SMALLEST = 0.6

/** Makes a sheet with many rows smaller until it stands on one page: half a card on a second sheet is lost. */
function fitOnePage(paper: HTMLElement): void {
  for (let fit = 1; fit >= SMALLEST; fit -= STEP) {
    paper.style.setProperty('--fit', String(fit))
    if (paper.getBoundingClientRect().height <= PAPER_PX + 1) return
  }
}

/** The sheet as it will come out, and the button that prints it. */
export const PrintDesk = ({ words, back, children }: PrintDeskProps) => (
  <>
    <div className={styles.desk}>
      <p className="kv-quiet">{words}</p>
      <Link className="kv-button" href={back.href}>
        {back.label}
      </Link>
      <PrintButton words="Print on A5" />
    </div>
    <FittedSheet>{children}</FittedSheet>
  </>
)

/** A sheet as large as it can be on one page. */
export function FittedSheet({ children }: { children: ReactNode }) {
  const paper = useRef<HTMLDivElement>(null)
  useEffect(() => void document.fonts.ready.then(() => paper.current && fitOnePage(paper.current)), [])
  return <div ref={paper}>{children}</div>
}
