import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { ProblemAlert } from '@/ui/page/Feedback'
import { Choice, TextField } from '@/ui/form/Field'
import { useFreshId } from '@/ui/form/draft/useFreshId'
import type { Job } from '../jobWork'

const notBegun = (j: Job) => j.state === 'PLANNED' || j.state === 'PROPOSED'

/** Makes one job of two, or two of one. */
export function ShapeJob({ job, all }: { job: Job; all: Job[] }) {
  const { t } = useTranslation()
  const [fresh, renew] = useFreshId()
  const [other, setOther] = useState('')
  const [title, setTitle] = useState('')
  const [share, setShare] = useState('50')
  const like = all.filter((j) => j.id !== job.id && notBegun(j) && j.operation === job.operation)
  const path = { id: job.id }
  const join = useWrite(
    (id: string, writeId) =>
      unwrap(api.POST('/api/jobs/{id}/join', { params: { path }, body: { other: id }, ...write(writeId) })),
    { said: () => t('job.joined'), done: () => setOther('') },
  )
  const split = useWrite(
    (body: { id: string; title: string; sharePercent: number; version: number }, writeId) =>
      unwrap(api.POST('/api/jobs/{id}/split', { params: { path }, body, ...write(writeId) })),
    {
      said: (b) => t('job.added', { title: b.title }),
      done: () => {
        renew()
        setTitle('')
      },
    },
  )
  if (job.over) return null
  return (
    <details>
      <summary className="cursor-pointer py-2 font-semibold">{t('job.shape')}</summary>
      {notBegun(job) && like.length > 0 && (
        <div className="mb-3 grid gap-2">
          <Choice label={t('job.joinWith')} value={other} onChange={(e) => setOther(e.target.value)}>
            <option value="">–</option>
            {like.map((j) => (
              <option key={j.id} value={j.id}>
                {j.code} {j.title}
              </option>
            ))}
          </Choice>
          <div>
            <button
              type="button"
              className="btn"
              disabled={!other || join.isPending}
              onClick={() => join.mutate(other)}
            >
              {t('job.join')}
            </button>
          </div>
        </div>
      )}
      <div className="grid gap-2">
        <div className="grid grid-cols-[2fr_1fr] gap-2">
          <TextField
            label={t('job.splitTitle')}
            value={title}
            maxLength={120}
            onChange={(e) => setTitle(e.target.value)}
          />
          <TextField
            label={t('job.splitShare')}
            inputMode="numeric"
            value={share}
            onChange={(e) => setShare(e.target.value)}
          />
        </div>
        <div>
          <button
            type="button"
            className="btn"
            disabled={title.trim() === '' || !/^[1-9]\d?$/.test(share) || split.isPending}
            onClick={() => split.mutate({ id: fresh, title, sharePercent: Number(share), version: job.version })}
          >
            {t('job.split')}
          </button>
        </div>
      </div>
      <ProblemAlert error={join.error ?? split.error} />
    </details>
  )
}
