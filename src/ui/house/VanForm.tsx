'use client'

import { Input, InputNumber } from 'antd'
import { VAN_USUAL, type Van } from '@/core/house'
import styles from './house.module.css'

/** The van: how much water it carries, where it stands at night, and where else it fills up. */
export function VanForm({ van, onChange }: { van: Van; onChange: (van: Van) => void }) {
  const { base, spot, refill, ...tank } = van
  const put = (next: { base?: string; spot?: string; name?: string; at?: string }) => {
    const name = next.name ?? refill?.name ?? ''
    const at = next.at ?? refill?.spot ?? ''
    const where = { base: next.base ?? base ?? '', spot: next.spot ?? spot ?? '' }
    onChange({
      ...tank,
      ...(where.base && { base: where.base }),
      ...(where.spot && { spot: where.spot }),
      ...((name || at) && { refill: { name, spot: at } }),
    })
  }
  return (
    <section aria-label="The van" className={styles.form}>
      <h2>The van</h2>
      <label className="kv-field">
        Tank
        <InputNumber<number>
          key={van.tankLitres ?? 'usual'}
          defaultValue={van.tankLitres ?? VAN_USUAL.tankLitres}
          suffix="l"
          precision={0}
          onBlur={(event) => onChange({ ...van, tankLitres: Number(event.target.value) })}
          onPressEnter={(event) => event.currentTarget.blur()}
        />
      </label>
      <Line label="Base, where it fills up" value={base} keep={(text) => put({ base: text })} />
      <Line label="Base on a map: latitude, longitude" value={spot} keep={(text) => put({ spot: text })} />
      <Line label="Another place to fill the tank" value={refill?.name} keep={(text) => put({ name: text })} />
      <Line label="That place on a map: latitude, longitude" value={refill?.spot} keep={(text) => put({ at: text })} />
    </section>
  )
}

/** A line that is kept when it is left and has changed. */
const Line = ({
  label,
  value = '',
  keep,
}: {
  label: string
  value?: string | undefined
  keep: (text: string) => void
}) => (
  <label className="kv-field">
    {label}
    <Input
      defaultValue={value}
      maxLength={200}
      onBlur={({ target }) => target.value.trim() !== value && keep(target.value.trim())}
      onPressEnter={(event) => event.currentTarget.blur()}
    />
  </label>
)
