import Link from 'next/link'
import type { LearnedRate, Rates } from '@/core/coat'
import { toolWords } from '@/core/lengths'
import type { FigureDog } from '@/core/figure'
import type { Behaviour } from '@/core/plan'
import type { CardEntry } from '@/core/request'
import { weeksBetween, type LengthUnit } from '@/core/units'
import { zoneLabel, type GroupId, type ZoneId } from '@/core/zones'
import { BookVisit } from '../booking/BookVisit'
import type { BookProps } from '../booking/props'
import { LengthSwatch, showFigure, unitWord } from '../coat-map'
import { CoatLayers } from './CoatLayers'
import { GrowingWishes, type WishGrowing } from './GrowingWishes'
import { Pace } from './Pace'
import { FileTapes, type FileTape } from './FileTapes'
import styles from './dog.module.css'
import { HeadRow } from '../frame/HeadRow'
import { Records, type DogRecords } from '../records/Records'
import { May } from '../who/WhoHere'

/** Everything known of one dog, as its file shows it. */
export interface DogFileView {
  dog: FigureDog & { id: number; name: string; weightKg: number; behaviour: Behaviour }
  facts: string
  household: { id: number; name: string }
  /** Said of a dog that does not come any more. */
  standing: string | null
  /** What is to be minded besides the plan: medicine, vet, what helped. */
  minded: [string, string][]
  today: string
  unit: LengthUnit
  card: { version: number; zones: CardEntry[] } | null
  cutOn: string | null
  liked: boolean | null
  nowMm: Partial<Record<ZoneId, number>>
  leftMm: Partial<Record<ZoneId, number>>
  lastDay: string | null
  growing: WishGrowing[]
  growth: Record<GroupId, LearnedRate>
  rates: Rates
  records: DogRecords
  timeZone: string
  tapes: FileTape[]
  next: { bookingId: number; visitId: number | null; when: string } | null
  staff: BookProps['staff']
}

interface DogFileProps {
  view: DogFileView
  book: BookProps['book']
  /** A time that was chosen in the book. */
  at?: BookProps['at']
}

/** Everything known of one dog: the coat, the card, and every groom as a tape. */
export function DogFile({ view, book, at }: DogFileProps) {
  const { dog, facts, card, next } = view
  return (
    <>
      <div className={styles.head}>
        <div>
          <h1 style={{ fontSize: 34 }}>{dog.name}</h1>
          <p className="kv-quiet">
            {facts} <Link href={`/households/${view.household.id}`}>Household {view.household.name}</Link>
            {view.standing && (
              <b className="kv-caution">
                {' '}
                {dog.name} {view.standing}.
              </b>
            )}
          </p>
        </div>
        <NextStep view={view} book={book} {...(at ? { at } : {})} />
      </div>
      <div className={styles.columns}>
        <div>
          <CoatLayers
            dog={dog}
            nowMm={view.nowMm}
            leftMm={view.leftMm}
            rates={view.rates}
            wishes={view.growing}
            unit={view.unit}
          />
          <GrowingWishes wishes={view.growing} unit={view.unit} />
        </div>
        <Standing view={view} />
        <section>
          <h2>{card ? `Trim card, version ${card.version}` : 'Trim card'}</h2>
          {card ? (
            <CardTable zones={card.zones} unit={view.unit} />
          ) : (
            <p className="kv-quiet">No groom yet, so no card. The first wrap-up makes it.</p>
          )}
          {view.cutOn && (
            <p className="kv-small">
              {view.cutOn}
              {view.liked === null ? '' : view.liked ? ', liked' : ', not liked'}.
            </p>
          )}
          {card && (
            <p style={{ display: 'flex', gap: 16, marginTop: 8 }}>
              <Link className="kv-link" href={`/dogs/${dog.id}/card`}>
                Change the card
              </Link>
              <Link className="kv-link" href={`/dogs/${dog.id}/card/print`}>
                Print it
              </Link>
            </p>
          )}
        </section>
      </div>
      <FileTapes tapes={view.tapes} />
      {next === null && view.tapes.length === 0 && <p className="kv-quiet">Nothing booked yet.</p>}
    </>
  )
}

function NextStep({ view, book, at }: DogFileProps) {
  const { dog, next, staff, today, card } = view
  return (
    <div style={{ display: 'flex', gap: 12, alignItems: 'center' }}>
      {next && <span className="kv-quiet">{next.when}</span>}
      {(next === null || next.visitId === null) && (
        <May right="book">
          <BookVisit
            dogId={dog.id}
            dogName={dog.name}
            staff={staff}
            today={today}
            main={next === null}
            again={card !== null}
            book={book}
            {...(at ? { at } : {})}
          />
        </May>
      )}
      {next && next.visitId !== null && (
        <May right="bench">
          <Link className="kv-button kv-main" href={`/visits/${next.visitId}/bench`}>
            Go on at the bench
          </Link>
        </May>
      )}
      {next && next.visitId === null && (
        <Link className="kv-button kv-main" href={`/bookings/${next.bookingId}/plan`}>
          Plan this groom
        </Link>
      )}
    </div>
  )
}

function Standing({ view }: { view: DogFileView }) {
  const { dog, unit, nowMm, lastDay, today, growth, records, timeZone } = view
  const minded = Object.entries(dog.behaviour).filter(([, grade]) => (grade ?? 0) > 0)
  const rows: [string, string][] = [
    ['Weight', `${dog.weightKg} kg`],
    ['Height, length', dog.heightCm && dog.lengthCm ? `${dog.heightCm}, ${dog.lengthCm} cm` : 'not measured'],
    ...(dog.ears ? [['Ears', dog.ears] as [string, string]] : []),
    ['Coat', dog.coat],
    ['Coat on the back', `${showFigure(nowMm.back ?? 0, unit)} ${unit === 'mm' ? 'mm' : 'in'}`],
    ['Since last visit', lastDay ? `${Math.round(weeksBetween(lastDay, today))} weeks` : 'first visit'],
    ...view.minded,
    ...minded.map(([trigger, grade]): [string, string] => [`Minds the ${trigger}`, `${grade} of 4`]),
  ]
  return (
    <section>
      <h2>Today</h2>
      <table className="kv-rows">
        <tbody>
          {rows.map(([name, value]) => (
            <tr key={name}>
              <td>{name}</td>
              <td className="kv-figure">{value}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <p style={{ display: 'flex', gap: 16, marginTop: 8 }}>
        <Link className="kv-link" href={`/dogs/${dog.id}/change`}>
          Change the file
        </Link>
        <Link className="kv-link" href={`/dogs/${dog.id}/measures`}>
          Measure the dog
        </Link>
        <May right="files">
          <Link className="kv-link" href={`/dogs/${dog.id}/hand-over`}>
            Hand it over
          </Link>
        </May>
      </p>
      {minded.length === 0 && <p className="kv-small">Minds nothing that was noted.</p>}
      <Records {...records} timeZone={timeZone} />
      <div style={{ marginTop: 16 }}>
        <Pace coat={dog.coat} growth={growth} />
      </div>
    </section>
  )
}

const TELLING: readonly ZoneId[] = [
  'back',
  'foreleg',
  'forefoot',
  'tail-base',
  'tail',
  'skull',
  'visor',
  'muzzle',
  'ear-edge',
  'throat',
]

function CardTable({ zones, unit }: { zones: CardEntry[]; unit: LengthUnit }) {
  const shown = TELLING.flatMap((zone) => zones.find((entry) => entry.zone === zone) ?? [])
  return (
    <table className="kv-rows">
      <HeadRow cells={['Zone', 'Tool', `#${unitWord(unit)}`]} />
      <tbody>
        {shown.map((entry) => (
          <tr key={entry.zone}>
            <td>{zoneLabel(entry.zone)}</td>
            <td className="kv-quiet">{toolWords(entry)}</td>
            <td className="kv-figure">
              <LengthSwatch lengthMm={entry.lengthMm} /> {showFigure(entry.lengthMm, unit)}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  )
}
