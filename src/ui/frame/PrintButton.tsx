'use client'

/** The page as it comes out of the printer; what is for the screen only stays behind. */
export const PrintButton = ({ words = 'Print' }: { words?: string }) => (
  <button className="kv-button kv-main kv-screen-only" onClick={() => window.print()}>
    {words}
  </button>
)
