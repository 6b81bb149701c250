import { frozen } from './frozen'

/** What was made lately, by what it was made from; the one that nobody asked for longest goes first. Nobody changes what is at hand. */
export class AtHand<T> {
  private readonly made = new Map<string, T>()

  /** @param most so many are kept in memory */
  constructor(private readonly most: number) {}

  get(key: string): T | undefined {
    const there = this.made.get(key)
    if (there !== undefined) this.keep(key, there)
    return there
  }

  keep(key: string, value: T): T {
    this.made.delete(key)
    this.made.set(key, frozen(value))
    const [oldest] = this.made.keys()
    if (this.made.size > this.most && oldest !== undefined) this.made.delete(oldest)
    return value
  }
}
