'use client'

import { Select } from 'antd'
import Link from 'next/link'
import { useEffect, useRef, useState } from 'react'
import { DOG_FILTERS, DOG_SORTS, type DogFilter, type DogSort } from '@/core/find'
import { DogPicture } from '../coat-map'
import { Saying } from '../frame/Saying'
import { useDogs, type DogLine, type Dogs, type Question } from './useDogs'
import styles from './dogs.module.css'
import { May } from '../who/WhoHere'

type As = 'drawn' | 'rows'
interface DeskProps {
  first: Dogs
  filter: DogFilter | null
  sort: DogSort
  as: As
}

/** Every dog as it stands today: found by what anybody remembers of it, or by what a groomer asks. */
export function DogsDesk({ first, as: asFirst, ...start }: DeskProps) {
  const [asked, setAsked] = useState<Question>({ text: '', ...start })
  const [as, setAs] = useState<As>(asFirst)
  const { dogs, total, more, fault } = useDogs(first, asked)
  useEffect(() => {
    // What is searched for may be a name or a number, and stays out of the address.
    const query = new URLSearchParams({
      ...(asked.filter ? { filter: asked.filter } : {}),
      ...(asked.sort === 'name' ? {} : { sort: asked.sort }),
      ...(as === 'drawn' ? {} : { as }),
    })
    const address = query.size === 0 ? '/dogs' : `/dogs?${query}`
    if (location.pathname + location.search !== address) history.replaceState(history.state, '', address)
  }, [asked.filter, asked.sort, as])
  if (first.counts.all === 0) return <NoDogs />
  return (
    <>
      <div className="kv-head">
        <h1>Dogs</h1>
        <p className="kv-quiet" role="status">
          {fault ?? countWords(total, asked, first)}
        </p>
        <May right="files">
          <Link className="kv-button kv-main" href="/dogs/new">
            Take in a dog
          </Link>
        </May>
        <BringList />
      </div>
      <div className={styles.asks}>
        <input
          type="search"
          className={styles.search}
          aria-label="Search dogs"
          placeholder="Name, owner, breed or number"
          maxLength={120}
          value={asked.text}
          onChange={(event) => setAsked({ ...asked, text: event.target.value })}
        />
        <Select<DogSort>
          aria-label="Sorted by"
          value={asked.sort}
          options={(Object.keys(DOG_SORTS) as DogSort[]).map((id) => ({ value: id, label: DOG_SORTS[id] }))}
          onChange={(sort) => setAsked({ ...asked, sort })}
          style={{ width: 140 }}
        />
        <div className={styles.chips} role="group" aria-label="Shown">
          {(['drawn', 'rows'] as const).map((each) => (
            <button key={each} className="kv-chip" aria-pressed={as === each} onClick={() => setAs(each)}>
              {each === 'drawn' ? 'Drawn' : 'Rows'}
            </button>
          ))}
        </div>
        <div className={styles.chips} role="group" aria-label="Only">
          {(Object.keys(DOG_FILTERS) as DogFilter[]).map((id) => (
            <button
              key={id}
              className="kv-chip"
              aria-pressed={id === asked.filter}
              onClick={() => setAsked({ ...asked, filter: id === asked.filter ? null : id })}
            >
              {DOG_FILTERS[id].label}
            </button>
          ))}
        </div>
      </div>
      {dogs.length === 0 && <Nothing asked={asked} />}
      {as === 'drawn' ? <Drawn dogs={dogs} /> : <Rows dogs={dogs} />}
      {more && <More key={dogs.length} left={total - dogs.length} onMore={more} />}
    </>
  )
}

function countWords(total: number, { text, filter }: Question, { counts }: Dogs): string {
  if (text === '' && filter === null) return `Each as its coat should stand today. ${counts.here} come to this house.`
  return `${total} of ${counts.all}.`
}

const BringList = () => (
  <>
    <May right="lists">
      <Link className="kv-word" href="/dogs/bring-in">
        Bring a list in
      </Link>
    </May>
    <May right="cards">
      <Link className="kv-word" href="/dogs/first-cards">
        A drawer of cards
      </Link>
    </May>
  </>
)

const NoDogs = () => (
  <Saying
    title="No dogs yet"
    way={
      <>
        <Link className="kv-button kv-main" href="/dogs/new">
          Take in the first dog
        </Link>
        <BringList />
      </>
    }
  >
    A dog is taken in while its owner is on the telephone: a name, a number, its coat and weight are enough.
  </Saying>
)

const Nothing = ({ asked }: { asked: Question }) => (
  <p className={`kv-quiet ${styles.nothing}`}>
    {asked.text.trim() !== ''
      ? 'No dog of that name, owner or number. Three letters or the last four figures are enough.'
      : asked.filter && DOG_FILTERS[asked.filter].none}
  </p>
)

const Drawn = ({ dogs }: { dogs: readonly DogLine[] }) => (
  <ul className={styles.drawn}>
    {dogs.map(({ id, name, figure, coatMm, last, due, facts, owner }) => (
      <li key={id}>
        <Link href={`/dogs/${id}`} className={styles.card} prefetch={false}>
          <DogPicture label={`${name}, coat today`} dog={figure} coatMm={coatMm} width={285} height={180} />
          <p className={styles.head}>
            <b>{name}</b>
            <span className="kv-small">{due ?? last}</span>
          </p>
          <p className="kv-quiet">{facts}</p>
          <p className="kv-small">{owner}</p>
        </Link>
      </li>
    ))}
  </ul>
)

const Rows = ({ dogs }: { dogs: readonly DogLine[] }) => (
  <table className={`kv-rows ${styles.rows}`}>
    <thead>
      <tr>
        <th>Dog</th>
        <th>What it is</th>
        <th>Owner</th>
        <th>Last here</th>
        <th>Next</th>
      </tr>
    </thead>
    <tbody>
      {dogs.map(({ id, name, figure, coatMm, facts, owner, last, due }) => (
        <tr key={id}>
          <td>
            <Link className="kv-link" href={`/dogs/${id}`} prefetch={false}>
              <DogPicture label="" dog={figure} coatMm={coatMm} width={44} height={44} bare head />
              <b>{name}</b>
            </Link>
          </td>
          <td>{facts}</td>
          <td>{owner}</td>
          <td>{last.replace(/^last /, '')}</td>
          <td>{due ?? ''}</td>
        </tr>
      ))}
    </tbody>
  </table>
)

/** Comes into sight and asks for more by itself; pressed, it does so too. */
function More({ left, onMore }: { left: number; onMore: () => void }) {
  const button = useRef<HTMLButtonElement>(null)
  useEffect(() => {
    const seen = new IntersectionObserver(
      (entries) => entries.some(({ isIntersecting }) => isIntersecting) && onMore(),
      { rootMargin: '300px' },
    )
    if (button.current) seen.observe(button.current)
    return () => seen.disconnect()
    // Watched once for each page of dogs: `onMore` is another function at every drawing.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [])
  return (
    <button ref={button} className={`kv-button ${styles.more}`} onClick={onMore}>
      {left} more
    </button>
  )
}
