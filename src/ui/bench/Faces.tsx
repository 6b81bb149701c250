import styles from './bench.module.css'

export type Face = 'map' | 'mind' | 'steps'

interface FacesProps {
  face: Face
  counts: { mind: number; steps: number }
  onFace: (face: Face) => void
}

/** On a phone map, cautions and steps are faces of one panel, each with its count; elsewhere all three are seen. */
export function Faces({ face, counts, onFace }: FacesProps) {
  const faces: readonly [Face, string][] = [
    ['map', 'Map'],
    ['mind', counts.mind === 0 ? 'Mind' : `Mind ${counts.mind}`],
    ['steps', counts.steps === 0 ? 'Steps' : `Steps ${counts.steps}`],
  ]
  return (
    <div className={styles.faces} role="group" aria-label="Panel">
      {faces.map(([each, words]) => (
        <button key={each} aria-pressed={face === each} onClick={() => onFace(each)}>
          {words}
        </button>
      ))}
    </div>
  )
}
