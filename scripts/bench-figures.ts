/** A figure of `/metrics` of a running Kovit; 0 where it does not tell that one. @throws when it does not tell its figures */
export async function figureAt(address: string, name: string): Promise<number> {
  const answer = await fetch(`${address}/metrics`)
  if (!answer.ok) throw new Error(`${address}/metrics answers ${answer.status}: start Kovit without KOVIT_METRICS_KEY.`)
  const line = (await answer.text()).split('\n').find((each) => each.startsWith(`${name} `))
  return Number(line?.slice(name.length) ?? 0)
}
