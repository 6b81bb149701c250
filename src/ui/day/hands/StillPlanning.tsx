interface StillPlanningProps {
  share: number
  /** Null where the planning cannot be stopped. */
  stop: (() => void) | null
}

/** How far the planning is; whoever cannot wait takes what was found so far. */
export const StillPlanning = ({ share, stop }: StillPlanningProps) => (
  <p className="kv-notice kv-teal" role="status">
    The day is being planned, {Math.round(share * 100)} %.{' '}
    {stop && (
      <button type="button" className="kv-word" onClick={stop}>
        Stop, take what you have
      </button>
    )}
  </p>
)
