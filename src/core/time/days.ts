import { sumOfLognormals, type MinutesSum, type Term } from './lognormal'

/** Seven nodes and weights of Gauss-Hermite quadrature for the standard normal. Source: Abramowitz and Stegun (1964), table 25.10, scaled by √2 and √π. */
const NODES: readonly (readonly [number, number])[] = [
  [-3.7504397177, 0.0005482689],
  [-2.3667594107, 0.030757124],
  [-1.1544053947, 0.2401231786],
  [0, 0.4571428571],
  [1.1544053947, 0.2401231786],
  [2.3667594107, 0.030757124],
  [3.7504397177, 0.0005482689],
]

const HALVINGS = 50

/**
 * Sum of lognormal stages that share a day: on a slow day all of them are slow. Given the day they are independent; the
 * day itself is lognormal and is summed over by quadrature.
 * @param fixedMin minutes that no day changes
 * @param daySigma spread of a day on the log scale
 * @param dayLog where the day is known to lie, 0 for a usual one
 */
export function sumOverDays(terms: readonly Term[], fixedMin: number, daySigma: number, dayLog = 0): MinutesSum {
  const moved =
    dayLog === 0 ? terms : terms.map(({ medianMin, sigma }) => ({ medianMin: medianMin * Math.exp(dayLog), sigma }))
  if (daySigma <= 0 || terms.length === 0) return sumOfLognormals(moved, fixedMin)
  const usual = sumOfLognormals(moved)
  const chanceWithin = (min: number) =>
    NODES.reduce((sum, [z, weight]) => sum + weight * usual.chanceWithin((min - fixedMin) * Math.exp(-daySigma * z)), 0)
  const w = Math.exp(daySigma ** 2)
  const mean = usual.meanMin * Math.sqrt(w)
  const square = (usual.sdMin ** 2 + usual.meanMin ** 2) * w ** 2
  return {
    meanMin: mean + fixedMin,
    sdMin: Math.sqrt(square - mean ** 2),
    chanceWithin,
    percentileMin: (share) => {
      let [low, high] = [fixedMin, fixedMin + usual.percentileMin(0.999) * Math.exp(5 * daySigma)]
      for (let step = 0; step < HALVINGS; step++) {
        const middle = (low + high) / 2
        if (chanceWithin(middle) < share) low = middle
        else high = middle
      }
      return (low + high) / 2
    },
  }
}
