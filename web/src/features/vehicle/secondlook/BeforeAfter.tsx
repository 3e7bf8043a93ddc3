import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { api, fileUrl, thumbnailUrl, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { ProblemAlert } from '@/ui/page/Feedback'
import { TextField } from '@/ui/form/Field'
import { AddPhoto } from '@/ui/photos/AddPhoto'
import { SafetyMark } from '@/ui/safety/SafetyMark'
import { useFormat } from '@/ui/format/format'

type Finding = Schemas['FindingRow']
type Look = Schemas['LookRow']
const answers: Look['compared'][] = ['SAME', 'WORSE', 'BETTER', 'GONE']

/** One finding as it was and as it is. */
export function BeforeAfter({
  finding: f,
  title,
  look,
  today,
}: {
  finding: Finding
  title: string
  look: Look | undefined
  today: string
}) {
  const { t } = useTranslation()
  const format = useFormat()
  return (
    <article className="card-sheet grid content-start gap-2 p-3">
      <h2 className="flex flex-wrap items-center gap-2 font-semibold">
        <SafetyMark safety={f.safetyClass} word={false} />
        {title}
      </h2>
      <div className="grid grid-cols-2 gap-3">
        <Side head={t('again.before', { date: format.day(f.foundOn) })} photo={f.firstPhoto}>
          {f.note || t('again.noPhoto')}
        </Side>
        {look ? (
          <Side head={t('again.now', { date: format.day(look.lookedOn) })} photo={look.firstPhoto}>
            <span className="font-semibold">{t(`again.compared.${look.compared}`)}</span> {look.note}
          </Side>
        ) : (
          <p className="quiet">{t('again.notYet')}</p>
        )}
      </div>
      {look && !look.firstPhoto && <PhotoOfNow look={look} />}
      {look?.compared === 'GONE' && <p className="quiet text-sm">{t('again.gone')}</p>}
      {look?.lookedOn !== today && <LookAgain finding={f} title={title} today={today} />}
    </article>
  )
}

function Side({ head, photo, children }: { head: string; photo: string | undefined; children: React.ReactNode }) {
  return (
    <div>
      <h3 className="quiet text-sm">{head}</h3>
      {photo && (
        <a href={fileUrl(photo)} target="_blank" rel="noreferrer">
          <img src={thumbnailUrl(photo)} alt={head} className="mb-1 w-full rounded object-cover" loading="lazy" />
        </a>
      )}
      <p className="line-clamp-4 text-sm">{children}</p>
    </div>
  )
}

function LookAgain({ finding, title, today }: { finding: Finding; title: string; today: string }) {
  const { t } = useTranslation()
  const [note, setNote] = useState('')
  const save = useWrite(
    (body: Schemas['NewLookRequest'], id) =>
      unwrap(
        api.POST('/api/findings/{findingId}/second-looks', {
          params: { path: { findingId: finding.id } },
          body,
          ...write(id),
        }),
      ),
    { said: (b) => t('again.kept', { what: title, compared: t(`again.compared.${b.compared}`) }) },
  )
  return (
    <div className="grid gap-2">
      <TextField label={t('again.note')} value={note} maxLength={400} onChange={(e) => setNote(e.target.value)} />
      <div className="grid grid-cols-4 gap-2">
        {answers.map((compared) => (
          <button
            key={compared}
            type="button"
            className="btn border-base-300 bg-base-100 px-1"
            disabled={save.isPending}
            onClick={() => save.mutate({ id: crypto.randomUUID(), lookedOn: today, compared, note })}
          >
            {t(`again.compared.${compared}`)}
          </button>
        ))}
      </div>
      <ProblemAlert error={save.error} />
    </div>
  )
}

function PhotoOfNow({ look }: { look: Look }) {
  const { t } = useTranslation()
  return <AddPhoto subject="SECOND_LOOK" subjectId={look.id} label={t('again.photoNow')} />
}
