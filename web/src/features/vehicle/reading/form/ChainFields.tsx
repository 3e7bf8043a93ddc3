import { useTranslation } from 'react-i18next'
import { Choice, TextField } from '@/ui/form/Field'
import { pitches, type Chain } from './chain'

/** Over how many pitches of which chain the length is measured. */
export function ChainFields({ chain, onChange }: { chain: Chain; onChange: (chain: Chain) => void }) {
  const { t } = useTranslation()
  return (
    <div className="grid grid-cols-2 items-end gap-2">
      <Choice
        label={t('chain.pitch')}
        value={chain.pitch}
        onChange={(e) => onChange({ ...chain, pitch: e.target.value })}
      >
        {pitches.map((p) => (
          <option key={p} value={p}>
            {p} {t('unit.MILLIMETRE')}
          </option>
        ))}
      </Choice>
      <TextField
        label={t('chain.pitches')}
        inputMode="numeric"
        value={chain.pitches}
        onChange={(e) => onChange({ ...chain, pitches: e.target.value })}
      />
    </div>
  )
}
