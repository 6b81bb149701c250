'use client'

import { Modal } from 'antd'
import { useState } from 'react'
import { BookingForm } from './BookingForm'
import type { BookProps } from './props'
import { useBooking } from './useBooking'

/** Books the next groom: the times that fit, and whatever else a person wants; the slot comes from the dog's own plan. */
export function BookVisit(props: BookProps) {
  const { dogName, main, label = 'Book a visit', at } = props
  const [open, setOpen] = useState(at !== undefined)
  return (
    <>
      <button className={main ? 'kv-button kv-main' : 'kv-button'} onClick={() => setOpen(true)}>
        {label}
      </button>
      {open && <BookDialog {...props} title={`Book ${dogName}`} close={() => setOpen(false)} />}
    </>
  )
}

function BookDialog({ close, title, ...props }: BookProps & { close: () => void; title: string }) {
  const booking = useBooking(props)
  const { clash, busy, asked, looking } = booking
  const word = asked.again.kind === 'once' ? 'Book and plan' : 'Book the repeat'
  return (
    <Modal
      title={title}
      open
      width={640}
      onCancel={close}
      mask={{ closable: false }}
      onOk={booking.save}
      okText={clash === null ? word : 'Book it anyway'}
      cancelText="Not now"
      confirmLoading={busy}
      okButtonProps={{ disabled: looking }}
    >
      <BookingForm booking={booking} staff={props.staff} dogName={props.dogName} today={props.today} />
    </Modal>
  )
}
