/** The number under which a fault stands in Kovit's log: all that a page tells of it. */
export const FaultNumber = ({ digest }: { digest: string | undefined }) =>
  digest === undefined ? null : (
    <p className="kv-small">
      If you ask somebody for help, give them this number: <b>{digest}</b>. The cause stands beside it in Kovit’s log.
    </p>
  )
