/** Minutes since midnight of what a clock shows, such as 09:05. */
export const at = (clock: string): number => Number(clock.slice(0, 2)) * 60 + Number(clock.slice(3))
