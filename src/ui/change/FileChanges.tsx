interface FileChangesProps {
  changes: readonly { id: number; when: string; by: string; words: string[] }[]
  /** Something is changed and not kept yet: it would be lost. */
  waits: boolean
  onBack: (changeId: number) => void
}

/** Who changed what, the newest first; each can be gone back to, which is a change as well. */
export function FileChanges({ changes, waits, onBack }: FileChangesProps) {
  return (
    <section aria-label="What was changed">
      <h2>What was changed</h2>
      {changes.length === 0 && <p className="kv-quiet">Nothing yet.</p>}
      {changes.map(({ id, when, by, words }) => (
        <p key={id}>
          <span className="kv-small">
            {when}, {by}:
          </span>{' '}
          {words.join('; ')}.{' '}
          <button type="button" className="kv-word" disabled={waits} onClick={() => onBack(id)}>
            As it was before
          </button>
        </p>
      ))}
    </section>
  )
}
