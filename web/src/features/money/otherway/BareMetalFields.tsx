import { useFieldArray, useFormContext, useWatch } from 'react-hook-form'
import { useTranslation } from 'react-i18next'
import { Pick } from '@/ui/form/named'
import { bodies } from './bareMetal'
import { GivenAwayRow } from './GivenAwayRow'
import { More } from './More'

/** Whether the whole body is stripped and painted, and who does either. */
export function BareMetalFields({ currency }: { currency: string }) {
  const { t } = useTranslation()
  const body = useWatch({ name: 'body' }) as string
  return (
    <>
      <Pick
        name="body"
        label={t('way.body')}
        none={t('way.bodyAsPlanned')}
        of={bodies}
        say={() => t('way.bareMetal')}
        hint={t('way.bodyHint')}
      />
      {body && (
        <>
          <Elsewhere name="strip" says={t('way.strip')} press={t('way.stripElsewhere')} currency={currency} />
          <Elsewhere name="coat" says={t('way.coat')} press={t('way.coatElsewhere')} currency={currency} />
        </>
      )}
    </>
  )
}

type HalfProps = { name: 'strip' | 'coat'; says: string; press: string; currency: string }

function Elsewhere({ name, says, press, currency }: HalfProps) {
  const { control } = useFormContext()
  const others = useFieldArray({ control, name })
  if (others.fields.length === 0)
    return (
      <div>
        <More says={press} onPress={() => others.append({ days: '14', costMinor: '' })} />
      </div>
    )
  return (
    <GivenAwayRow name={`${name}.0`} currency={currency} onRemove={() => others.remove(0)}>
      <p className="font-semibold">{says}</p>
    </GivenAwayRow>
  )
}
