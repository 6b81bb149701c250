/** How far the planning is; whoever cannot wait takes what was found so far. */
export const StillPlanning = ({ share, stop }: { share: number; stop: () => void }) => (
  <p className="kv-notice kv-teal" role="status">
    The day is being planned, {Math.round(share * 100)} %.{' '}
    <button type="button" className="kv-word" onClick={stop}>
      Stop, take what you have
    </button>
  </p>
)
