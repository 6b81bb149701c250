import Link from 'next/link'
import { useState } from 'react'
import { COMMON_KITS, type CommonKit } from '@/core/house'
import type { Kit } from '@/core/lengths'
import type { LengthUnit } from '@/core/units'
import { Ladder } from '../kit/Ladder'
import { rungsOf } from '../kit/ladder'
import styles from './setUp.module.css'

interface KitsProps {
  kit: Kit
  unit: LengthUnit
  onTake: (id: string) => void
}

/** Three kits to start from, the one that is looked at drawn by the lengths that it leaves; each tool can be changed afterwards. */
export function CommonKits({ kit, unit, onTake }: KitsProps) {
  const [at, setAt] = useState(0)
  const looked = COMMON_KITS[at]
  const has = ({ blades, combs }: CommonKit) =>
    blades.every((name) => kit.blades.includes(name)) && combs.every((name) => kit.combs.includes(name))
  const count = kit.blades.length + kit.combs.length
  if (!looked) return null
  return (
    <div className={styles.kits}>
      <div role="group" aria-label="Common kits" className={styles.chips}>
        {COMMON_KITS.map(({ id, label }, each) => (
          <button key={id} type="button" className="kv-chip" aria-pressed={at === each} onClick={() => setAt(each)}>
            {label}
          </button>
        ))}
      </div>
      <section aria-label={looked.label}>
        <p className="kv-quiet">
          {looked.says} Blades {looked.blades.join(', ')}; combs {looked.combs.join(', ')}.
        </p>
        <div className={styles.ladder}>
          <Ladder
            rungs={rungsOf({ blades: [...looked.blades], combs: [...looked.combs] })}
            unit={unit}
            wantedMm={null}
            nearest={undefined}
          />
        </div>
        <button type="button" className="kv-button" onClick={() => onTake(looked.id)} disabled={has(looked)}>
          {has(looked) ? 'In the kit' : 'Put it in the kit'}
        </button>
      </section>
      <p className="kv-quiet">
        {count === 0
          ? 'Nothing in the kit yet: a plan then counts with every tool there is.'
          : `${count} tools in the kit.`}{' '}
        <Link className="kv-link" href="/kit">
          Tool by tool
        </Link>
      </p>
    </div>
  )
}
