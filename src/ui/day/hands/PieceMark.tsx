import { useDraggable } from '@dnd-kit/core'
import type { CSSProperties } from 'react'
import type { Piece } from './lanes'
import styles from './hands.module.css'

interface PieceMarkProps {
  piece: Piece
  style: CSSProperties
  words: string
  told: string
  point: object
  open: ((piece: Piece) => void) | null
}

/** A piece of a dog's tape in its lane: pressed, it can be fixed; what is planned can be carried into other hands. */
export function PieceMark({ piece, style, words, told, point, open }: PieceMarkProps) {
  const movable = open !== null && piece.state === 'planned' && !piece.holds
  const { setNodeRef, listeners, transform, isDragging } = useDraggable({
    id: `${piece.person} ${piece.dog} ${piece.fromMin} ${piece.family}`,
    data: piece,
    disabled: !movable,
  })
  const moved = transform ? { transform: `translate(${transform.x}px, ${transform.y}px)`, zIndex: 5 } : {}
  return (
    <li>
      <button
        ref={setNodeRef}
        type="button"
        className={styles.piece}
        style={{ ...style, ...moved }}
        data-state={piece.state}
        data-locked={piece.locked || undefined}
        data-carried={isDragging || undefined}
        title={told}
        aria-label={told}
        disabled={!movable}
        onClick={() => movable && open(piece)}
        {...listeners}
        {...point}
      >
        <span aria-hidden="true">{words}</span>
      </button>
    </li>
  )
}
