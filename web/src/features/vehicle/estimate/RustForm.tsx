import { Controller, useWatch } from 'react-hook-form'
import { z } from 'zod'
import { useTranslation } from 'react-i18next'
import type { Schemas } from '@/api/client'
import { useFields } from '@/ui/form/useFields'
import { Form, FormWrong } from '@/ui/form/Form'
import { Measured, useLengthWrong, useMeasureRule, useMeasureText } from '@/ui/form/measured'
import { Pick, Tick } from '@/ui/form/named'
import { filled, orNothing } from '@/ui/form/rules'
import type { FindingEstimate, Rust } from './estimates'
import { RustSheet } from './RustSheet'
import { useSayEstimate } from './useSayEstimate'

const scale = ['1', '2', '3', '4', '5'] as const

function useRustRules() {
  const { t } = useTranslation()
  const millimetres = useMeasureRule('MILLIMETRE', { whole: true })(useLengthWrong(), { min: 0 })
  return z.object({
    grade: z.custom<Rust['grade']>((g) => !!g, t('estimate.sheetHint')),
    length: millimetres,
    width: millimetres,
    mounting: orNothing(millimetres),
    holed: z.boolean(),
    blistered: z.boolean(),
    quantity: z.enum(scale),
    size: z.enum(scale),
  })
}

const valuesOf = (
  said: Rust | undefined,
  holed: boolean,
  text: (mm: number | undefined) => string,
): z.input<ReturnType<typeof useRustRules>> => ({
  grade: said?.grade as Rust['grade'],
  length: text(said?.lengthMillimetres),
  width: text(said?.widthMillimetres),
  mounting: text(said?.mountingMillimetres),
  holed: said?.perforated ?? holed,
  blistered: !!said?.blisters,
  quantity: scale[(said?.blisters?.quantity ?? 2) - 1]!,
  size: scale[(said?.blisters?.size ?? 2) - 1]!,
})

const rustOf = (v: z.output<ReturnType<typeof useRustRules>>): Rust => ({
  grade: v.grade,
  lengthMillimetres: v.length,
  widthMillimetres: v.width,
  perforated: v.holed,
  ...(v.mounting !== undefined && { mountingMillimetres: v.mounting }),
  ...(v.blistered && { blisters: { quantity: Number(v.quantity), size: Number(v.size) } }),
})

type Props = { finding: Schemas['FindingRow']; estimate: FindingEstimate; onDone: () => void }

/** Compares the metal with drawn squares, and measures how far the rust goes. */
export function RustForm({ finding, estimate, onDone }: Props) {
  const { t } = useTranslation()
  const said = estimate.said
  const text = useMeasureText('MILLIMETRE')
  const form = useFields(useRustRules(), valuesOf(said?.rust, finding.kind === 'RUST_THROUGH', text))
  const [grade, blistered] = useWatch({ control: form.control, name: ['grade', 'blistered'] })
  const save = useSayEstimate(finding.id, onDone)
  return (
    <Form
      form={form}
      save={save}
      label={t('estimate.save')}
      onCancel={onDone}
      disabled={!grade}
      className="mt-3"
      onSubmit={(v) => save.mutate({ fields: { ...filled(said ?? {}), rust: rustOf(v) }, version: estimate.version })}
    >
      <Controller
        name="grade"
        control={form.control}
        render={({ field }) => <RustSheet chosen={field.value} onChange={field.onChange} />}
      />
      <Tick name="holed" label={t('estimate.holedThrough')} />
      <Tick name="blistered" label={t('estimate.blisters')} />
      {blistered && (
        <div className="grid grid-cols-2 gap-2">
          <Pick name="quantity" label={t('estimate.blisterQuantity')} of={scale} say={String} />
          <Pick name="size" label={t('estimate.blisterSize')} of={scale} say={String} />
        </div>
      )}
      <div className="grid grid-cols-2 gap-2">
        <Measured unit="MILLIMETRE" name="length" label={t('estimate.length')} />
        <Measured unit="MILLIMETRE" name="width" label={t('estimate.width')} />
      </div>
      <Measured unit="MILLIMETRE" name="mounting" label={t('estimate.mounting')} hint={t('estimate.mountingHint')} />
      <FormWrong of={['length', 'width', 'mounting']} />
    </Form>
  )
}
