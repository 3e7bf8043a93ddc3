import { useState } from 'react'
import { labelKinds } from '@/api/generated/enums'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { ProblemAlert } from '@/ui/page/Feedback'
import { Choice, TextField } from '@/ui/form/Field'
import { Sheet } from '@/ui/form/Sheet'
import { labelWords } from './labelWords'

type Kind = Schemas['LabelsRequest']['kind']

/** Labels before the first plug is pulled: a line each, or one line with numbers. */
export function LabelForm({ projectId, onClose }: { projectId: string; onClose: () => void }) {
  const { t } = useTranslation()
  const [kind, setKind] = useState<Kind>('PLUG')
  const [lines, setLines] = useState('')
  const [numbered, setNumbered] = useState(false)
  const [count, setCount] = useState('10')
  const [ids] = useState(() => Array.from({ length: 200 }, () => crypto.randomUUID()))
  const words = labelWords(lines, numbered, Math.min(200, Math.max(0, Math.trunc(Number(count)) || 0)))
  const make = useWrite(
    (body: Schemas['LabelsRequest'], id) =>
      unwrap(api.POST('/api/projects/{projectId}/labels', { params: { path: { projectId } }, body, ...write(id) })),
    { said: () => t('labels.made', { count: words.length }), done: onClose },
  )
  return (
    <Sheet title={t('labels.add')} onClose={onClose}>
      <form
        className="grid gap-3"
        onSubmit={(e) => {
          e.preventDefault()
          make.mutate({ kind, labels: words.slice(0, 200).map((w, i) => ({ id: ids[i]!, words: w })) })
        }}
      >
        <Choice label={t('labels.on')} value={kind} onChange={(e) => setKind(e.target.value as Kind)}>
          {labelKinds.map((k) => (
            <option key={k} value={k}>
              {t(`labels.kind.${k}`)}
            </option>
          ))}
        </Choice>
        <label className="grid gap-1">
          <span className="font-semibold">{t('labels.lines')}</span>
          <textarea
            className="textarea min-h-32 w-full"
            value={lines}
            maxLength={20000}
            onChange={(e) => setLines(e.target.value)}
          />
        </label>
        <label className="flex min-h-11 items-center gap-2">
          <input
            type="checkbox"
            className="checkbox"
            checked={numbered}
            onChange={(e) => setNumbered(e.target.checked)}
          />
          {t('labels.numbered')}
        </label>
        {numbered && (
          <TextField
            label={t('labels.count')}
            inputMode="numeric"
            value={count}
            onChange={(e) => setCount(e.target.value)}
          />
        )}
        {words.length > 0 && (
          <p className="quiet">{t('labels.preview', { count: words.length, first: words[0], last: words.at(-1) })}</p>
        )}
        <ProblemAlert error={make.error} />
        <button type="submit" className="btn btn-primary" disabled={words.length === 0 || make.isPending}>
          {t('labels.make', { count: words.length })}
        </button>
      </form>
    </Sheet>
  )
}
