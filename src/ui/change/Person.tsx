import { usualOf, middle } from '@/core/breeds'
import { BUILDS, EAR_SETS } from '@/core/build'
import { COATS } from '@/core/coat'
import { TextField } from '../field/TextField'
import { NumberField } from '../field/NumberField'
import type { PartProps } from './part'
import { Choice } from '../field/Choice'
import fields from '../field/field.module.css'
import styles from './change.module.css'

/** Who the dog is: name, breed, coat and build, size, age, sex, skin and face. */
export function Person({ file, set, faultOf }: PartProps) {
  const usual = usualOf(file.breed)
  const isUsual = (key: (typeof file.more.usual)[number]) => file.more.usual.includes(key)
  const takeUsual = () =>
    usual &&
    set({
      coat: usual.coat ?? file.coat,
      build: usual.build,
      faceShape: usual.face,
      heightCm: file.heightCm ?? middle(usual.cm),
      measures: { ...file.measures, ears: usual.ears },
    })
  return (
    <section aria-label="Who it is" className={styles.stack}>
      <h2>Who it is</h2>
      <div className={fields.pair}>
        <TextField label="Its name" value={file.name} fault={faultOf('name')} onChange={(name) => set({ name })} />
        <TextField
          label="Breed or cross"
          value={file.breed}
          fault={faultOf('breed')}
          onChange={(breed) => set({ breed })}
        />
      </div>
      {usual && (
        <p className="kv-small">
          {usual.of}: usually {usual.coats.join(' or ')}, {usual.build}, {usual.kg[0]} to {usual.kg[1]} kg.{' '}
          <button type="button" className="kv-word" onClick={takeUsual}>
            Take what is usual
          </button>
        </p>
      )}
      <div className={fields.three}>
        <NumberField
          label={isUsual('weightKg') ? 'Weight, usual' : 'Weight'}
          unit="kg"
          value={file.weightKg}
          fault={faultOf('weightKg')}
          onChange={(weightKg) => weightKg !== null && set({ weightKg })}
        />
        <NumberField
          label={isUsual('heightCm') ? 'Height, usual' : 'Height'}
          unit="cm"
          value={file.heightCm}
          fault={faultOf('heightCm')}
          onChange={(heightCm) => set({ heightCm })}
        />
        <NumberField
          label="Length"
          unit="cm"
          value={file.lengthCm}
          fault={faultOf('lengthCm')}
          onChange={(lengthCm) => set({ lengthCm })}
        />
      </div>
      <TextField
        label="Born on or about"
        type="date"
        value={file.bornOn ?? ''}
        fault={faultOf('bornOn')}
        onChange={(day) => set({ bornOn: day || null })}
      />
      <Choice
        label="Coat"
        options={COATS}
        chosen={file.coat}
        usual={isUsual('coat')}
        onChoose={(coat) => set({ coat })}
      />
      <Choice
        label="Build"
        options={BUILDS}
        chosen={file.build}
        usual={isUsual('build')}
        onChoose={(build) => set({ build })}
      />
      <Choice
        label="Ears"
        options={EAR_SETS}
        chosen={file.measures.ears ?? null}
        usual={isUsual('ears')}
        onChoose={(ears) => set({ measures: { ...file.measures, ears } })}
      />
      <Choice
        label="Face"
        options={['normal', 'flat'] as const}
        chosen={file.faceShape}
        usual={isUsual('faceShape')}
        onChoose={(faceShape) => set({ faceShape })}
      />
      <Choice label="Sex" options={['male', 'female'] as const} chosen={file.sex} onChoose={(sex) => set({ sex })} />
      <Choice
        label="Neutered"
        options={['yes', 'no'] as const}
        chosen={file.neutered === null ? null : file.neutered ? 'yes' : 'no'}
        onChoose={(said) => set({ neutered: said === 'yes' })}
      />
      <Choice
        label="Skin"
        options={['light', 'pigmented'] as const}
        chosen={file.lightSkin ? 'light' : 'pigmented'}
        onChoose={(skin) => set({ lightSkin: skin === 'light' })}
      />
    </section>
  )
}
