'use client'

import { Input, InputNumber } from 'antd'
import { VAN_USUAL, type Van } from '@/core/house'
import styles from './house.module.css'

/** The van: how much water it carries, and where it stands at night. */
export function VanForm({ van, onChange }: { van: Van; onChange: (van: Van) => void }) {
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
      <label className="kv-field">
        Base, where it fills up
        <Input
          defaultValue={van.base ?? ''}
          maxLength={200}
          onBlur={(event) => event.target.value !== (van.base ?? '') && onChange({ ...van, base: event.target.value })}
          onPressEnter={(event) => event.currentTarget.blur()}
        />
      </label>
    </section>
  )
}
