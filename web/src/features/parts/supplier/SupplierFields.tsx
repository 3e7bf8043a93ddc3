import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { ProblemAlert } from '@/ui/page/Feedback'
import { TextField } from '@/ui/form/Field'
import { useFormat } from '@/ui/format/format'

/** A supplier that is not in the list yet. */
export function SupplierFields({ onMade }: { onMade: (supplierId: string) => void }) {
  const { t } = useTranslation()
  const format = useFormat()
  const [open, setOpen] = useState(false)
  const [name, setName] = useState('')
  const [currency, setCurrency] = useState(format.currency)
  const add = useWrite(
    (body: Schemas['NewSupplierRequest'], id) => unwrap(api.POST('/api/suppliers', { body, ...write(id) })),
    {
      said: (v) => t('parts.supplierMade', { name: v.name }),
      done: (s) => {
        setOpen(false)
        setName('')
        onMade(s.id)
      },
    },
  )
  if (!open)
    return (
      <div>
        <button type="button" className="btn btn-sm" onClick={() => setOpen(true)}>
          {t('parts.newSupplier')}
        </button>
      </div>
    )
  return (
    <div className="card-sheet grid gap-2 p-3">
      <TextField label={t('parts.supplierName')} value={name} onChange={(e) => setName(e.target.value)} />
      <TextField
        label={t('parts.supplierCurrency')}
        value={currency}
        maxLength={3}
        onChange={(e) => setCurrency(e.target.value.toUpperCase())}
      />
      <ProblemAlert error={add.error} />
      <div>
        <button
          type="button"
          className="btn"
          disabled={add.isPending}
          onClick={() => add.mutate({ id: crypto.randomUUID(), name, currency })}
        >
          {t('parts.addSupplier')}
        </button>
      </div>
    </div>
  )
}
