import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import type { Problem } from '@/api/client'
import { NoteField } from '@/ui/form/Field'
import { ProblemAlert } from '@/ui/page/Feedback'

/** A list as a file, or pasted; it is looked at before anything is taken. */
export function ChooseList({
  how,
  looking,
  onList,
}: {
  how: string
  looking: { isPending: boolean; error: Problem | null }
  onList: (list: Blob) => void
}) {
  const { t } = useTranslation()
  const [pasted, setPasted] = useState('')
  return (
    <div className="grid gap-3">
      <p className="quiet text-sm">{how}</p>
      <label className="grid gap-1 text-sm font-semibold">
        {t('list.file')}
        <input
          type="file"
          accept=".csv,.txt,.tsv,text/*"
          className="file-input w-full"
          onChange={(e) => {
            const chosen = e.target.files?.[0]
            if (chosen) onList(chosen)
          }}
        />
      </label>
      <NoteField label={t('list.paste')} rows={5} value={pasted} onChange={(e) => setPasted(e.target.value)} />
      <ProblemAlert error={looking.error} />
      <div>
        <button
          type="button"
          className="btn btn-primary"
          disabled={pasted.trim() === '' || looking.isPending}
          onClick={() => onList(new Blob([pasted]))}
        >
          {t('list.look')}
        </button>
      </div>
    </div>
  )
}
