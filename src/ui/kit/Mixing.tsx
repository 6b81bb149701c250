'use client'

import { InputNumber } from 'antd'
import { useState } from 'react'
import { CONDITIONER_PARTS, SHAMPOO_PARTS, SPOON_ML, mix, spoons } from '@/core/bath'

const DEFAULT_ML = 500
const BOTTLE = { width: 210, height: 190, full: 150 }

/** One part product with n parts water, drawn to scale; ml and spoons. */
export function Mixing() {
  const [parts, setParts] = useState(SHAMPOO_PARTS)
  const [totalMl, setTotalMl] = useState(DEFAULT_ML)
  const { productMl, waterMl } = mix('wash', parts, totalMl)
  const count = spoons(productMl)
  const preset = (label: string, value: number) => (
    <button className="kv-chip" aria-pressed={parts === value} onClick={() => setParts(value)}>
      {label} 1:{value}
    </button>
  )
  return (
    <section aria-label="Mixing">
      <h2>Mixing</h2>
      <div style={{ display: 'flex', gap: 24, marginTop: 8 }}>
        <div style={{ display: 'grid', gap: 10, alignContent: 'start', width: 290 }}>
          <div style={{ display: 'flex', gap: 6 }}>
            {preset('Shampoo', SHAMPOO_PARTS)}
            {preset('Conditioner', CONDITIONER_PARTS)}
          </div>
          <label className="kv-field">
            Parts of water to one of product
            <InputNumber
              min={1}
              max={100}
              precision={0}
              value={parts}
              onChange={(value) => setParts(value ?? parts)}
              style={{ width: '100%' }}
            />
          </label>
          <label className="kv-field">
            In all
            <InputNumber
              min={10}
              max={10000}
              step={50}
              precision={0}
              value={totalMl}
              onChange={(value) => setTotalMl(value ?? totalMl)}
              suffix="ml"
              style={{ width: '100%' }}
            />
          </label>
        </div>
        <Bottle share={productMl / Math.max(1, productMl + waterMl)} />
        <p style={{ alignSelf: 'center', fontSize: 18 }} role="status">
          <b>{productMl} ml</b> product
          <span className="kv-small" style={{ display: 'block' }}>
            about {count} {count === 1 ? 'spoon' : 'spoons'}
          </span>
          <b>{waterMl} ml</b> water
          <span className="kv-small" style={{ display: 'block' }}>
            a spoon is {SPOON_ML} ml
          </span>
        </p>
      </div>
    </section>
  )
}

function Bottle({ share }: { share: number }) {
  const product = Math.max(2, BOTTLE.full * share)
  const bottom = BOTTLE.height - 12
  return (
    <svg width={110} height={BOTTLE.height} aria-hidden="true">
      <rect x={20} y={bottom - BOTTLE.full} width={70} height={BOTTLE.full - product} fill="var(--kv-bath-tint)" />
      <rect x={20} y={bottom - product} width={70} height={product} fill="var(--kv-bath-ink)" />
      <path
        d={`M20 ${bottom - BOTTLE.full - 8}V${bottom}H90V${bottom - BOTTLE.full - 8}`}
        fill="none"
        stroke="var(--kv-ink)"
        strokeWidth={1.7}
      />
      {[0.25, 0.5, 0.75, 1].map((part) => (
        <path key={part} d={`M90 ${bottom - BOTTLE.full * part}h-14`} stroke="var(--kv-ink)" strokeWidth={1} />
      ))}
    </svg>
  )
}
