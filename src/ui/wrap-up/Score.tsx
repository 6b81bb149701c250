import type { Apart } from '@/core/visit'

interface ScoreProps {
  apart: Apart
  /** 0 to 100, null where there is nothing to compare. */
  toCard: number | null
  toLast: number | null
}

/** From this many minutes on a difference is told. */
const TELLING_MIN = 3

/** How close the cut came, and whether the minutes were the day's or the estimate's. */
export function Score({ apart, toCard, toLast }: ScoreProps) {
  return (
    <p className="kv-quiet">
      {toCard !== null && (
        <>
          <b>{toCard} of 100</b> to the card
          {toLast === null ? (
            '. '
          ) : (
            <>
              , <b>{toLast}</b> to the last trim.{' '}
            </>
          )}
        </>
      )}
      {words(apart)}
    </p>
  )
}

/** `14 min more than planned: 9 the day, which went 6 % slower, 5 the estimate of single stages.` */
function words({ totalMin, dayMin, stagesMin, dayFactor }: Apart): string {
  if (Math.abs(totalMin) < TELLING_MIN) return 'The minutes came as planned.'
  const more = (min: number) => `${Math.round(Math.abs(min))} min ${min > 0 ? 'more' : 'less'}`
  const pace = `which went ${Math.round(Math.abs(dayFactor - 1) * 100)} % ${dayFactor > 1 ? 'slower' : 'quicker'}`
  return `${capital(more(totalMin))} than planned: ${more(dayMin)} by the day, ${pace}; ${more(stagesMin)} by the estimate of single stages.`
}

const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1)
