import Link from 'next/link'
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

/** Three kits to start from, each drawn by the lengths that it leaves; what is taken can be changed tool by tool. */
export function CommonKits({ kit, unit, onTake }: KitsProps) {
  const has = ({ blades, combs }: CommonKit) =>
    blades.every((name) => kit.blades.includes(name)) && combs.every((name) => kit.combs.includes(name))
  const count = kit.blades.length + kit.combs.length
  return (
    <div className={styles.kits}>
      {COMMON_KITS.map((each) => (
        <section key={each.id} aria-label={each.label}>
          <h2>{each.label}</h2>
          <p className="kv-quiet">{each.says}</p>
          <Ladder
            rungs={rungsOf({ blades: [...each.blades], combs: [...each.combs] }).filter(({ owned }) => owned)}
            unit={unit}
            wantedMm={null}
            nearest={undefined}
          />
          <p className="kv-small">
            Blades {each.blades.join(', ')}; combs {each.combs.join(', ')}.
          </p>
          <button type="button" className="kv-button" onClick={() => onTake(each.id)} disabled={has(each)}>
            {has(each) ? 'In the kit' : 'Put it in the kit'}
          </button>
        </section>
      ))}
      <p className="kv-quiet">
        {count === 0
          ? 'Nothing in the kit yet: a plan then counts with every tool there is.'
          : `${count} tools in the kit.`}{' '}
        <Link href="/kit">Tool by tool</Link>
      </p>
    </div>
  )
}
