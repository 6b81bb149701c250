'use client'

import { DatePicker, Modal, Select, TimePicker } from 'antd'
import dayjs from 'dayjs'
import { useRouter } from 'next/navigation'
import { useState, useTransition } from 'react'
import type { Result } from '@/core/result'
import { outsideHours, type Work } from '@/core/people'
import { addDays } from '@/core/units'

export interface BookProps {
  dogId: number
  dogName: string
  staff: readonly { id: number; name: string; role?: string; work?: Work }[]
  today: string
  /** The proposed day; a week from today when nothing tells. */
  day?: string
  main: boolean
  label?: string
  /** Offers the last trim again. */
  again?: boolean
  /** Proposes a bath and tidy. */
  tidy?: boolean
  book: (input: unknown) => Promise<Result<{ bookingId: number; slotMin: number }>>
}

/** Books the next groom; the slot comes from the dog's own plan. */
export function BookVisit({
  dogId,
  dogName,
  staff,
  today,
  day,
  main,
  label = 'Book a visit',
  again = true,
  tidy = false,
  book,
}: BookProps) {
  const router = useRouter()
  const [open, setOpen] = useState(false)
  const [fault, setFault] = useState<string | null>(null)
  const [busy, start] = useTransition()
  const groomers = staff.filter(({ role }) => role !== 'bather')
  /** Why the time is taken; asked again it is booked all the same. */
  const [clash, setClash] = useState<string | null>(null)
  const [asked, choose] = useState({
    day: day ?? addDays(today, 7),
    clock: '09:00',
    staffId: groomers[0]?.id ?? 0,
    sameAsLast: again,
    tidy,
  })
  const setAsked = (now: typeof asked) => {
    setClash(null)
    choose(now)
  }
  const chosen = staff.find(({ id }) => id === asked.staffId)
  const outside = chosen?.work ? outsideHours(chosen.work, asked.day, asked.clock, 0) : null
  const save = () =>
    start(async () => {
      const answer = await book({ dogId, ...asked, anyway: clash !== null })
      if (!answer.ok) {
        const sentences = answer.problems.map(({ sentence }) => sentence).join(' ')
        const taken = answer.problems.some(({ path }) => path === 'anyway')
        setClash(taken ? sentences : null)
        setFault(taken ? null : sentences)
        return
      }
      setOpen(false)
      router.push(`/bookings/${answer.value.bookingId}/plan`)
    })
  return (
    <>
      <button className={main ? 'kv-button kv-main' : 'kv-button'} onClick={() => setOpen(true)}>
        {label}
      </button>
      <Modal
        title={`Book ${dogName}`}
        open={open}
        onCancel={() => setOpen(false)}
        onOk={save}
        okText={clash === null ? 'Book and plan' : 'Book it anyway'}
        cancelText="Not now"
        confirmLoading={busy}
      >
        <div style={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 16, padding: '8px 0' }}>
          <label>
            Day
            <DatePicker
              style={{ width: '100%' }}
              allowClear={false}
              value={dayjs(asked.day)}
              minDate={dayjs(today)}
              format="ddd D MMM YYYY"
              onChange={(value) => value && setAsked({ ...asked, day: value.format('YYYY-MM-DD') })}
            />
          </label>
          <label>
            Start
            <TimePicker
              style={{ width: '100%' }}
              allowClear={false}
              needConfirm={false}
              format="HH:mm"
              minuteStep={15}
              value={dayjs(`${asked.day} ${asked.clock}`)}
              onChange={(value) => value && setAsked({ ...asked, clock: value.format('HH:mm') })}
            />
          </label>
          <label>
            Groomer
            <Select
              style={{ width: '100%' }}
              value={asked.staffId}
              options={groomers.map(({ id, name }) => ({ value: id, label: name }))}
              onChange={(staffId) => setAsked({ ...asked, staffId })}
            />
          </label>
          <div style={{ alignSelf: 'end', display: 'flex', gap: 8 }}>
            <button
              type="button"
              className="kv-chip"
              aria-pressed={asked.tidy}
              onClick={() => setAsked({ ...asked, tidy: !asked.tidy })}
            >
              Bath and tidy
            </button>
            <button
              type="button"
              className="kv-chip"
              aria-pressed={asked.sameAsLast}
              onClick={() => setAsked({ ...asked, sameAsLast: !asked.sameAsLast })}
            >
              Same as last time
            </button>
          </div>
        </div>
        <p className="kv-small">The slot is the shortest that this dog’s own plan holds at the house’s chance.</p>
        {outside && (
          <p role="status" className="kv-caution">
            {chosen?.name} {outside}.
          </p>
        )}
        {clash && (
          <p role="alert" className="kv-caution">
            {clash} Choose another time, or book it anyway.
          </p>
        )}
        {fault && (
          <p role="alert" className="kv-late">
            {fault}
          </p>
        )}
      </Modal>
    </>
  )
}
