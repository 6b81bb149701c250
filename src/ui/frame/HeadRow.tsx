/** The head of a table: plain names, and figures marked with a `#` that stand at the right like their column. */
export function HeadRow({ cells }: { cells: readonly string[] }) {
  return (
    <thead>
      <tr>
        {cells.map((cell, at) => (
          <th key={at} className={cell.startsWith('#') ? 'kv-figure' : undefined}>
            {cell.replace('#', '')}
          </th>
        ))}
      </tr>
    </thead>
  )
}
