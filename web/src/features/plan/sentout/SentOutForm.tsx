import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { ProblemAlert } from '@/ui/page/Feedback'
import { Choice, TextField } from '@/ui/form/Field'
import { JobChoice } from '@/ui/form/JobChoice'
import { Sheet } from '@/ui/form/Sheet'
import { everyDay, WeekdayChoice } from '@/ui/form/WeekdayChoice'

type Aim = Schemas['NewSentOutRequest']['aim']
const empty = { title: '', pieces: '1', days: '10', beforeJob: '', afterJob: '', mask: '' }
const aims: Aim[] = ['RUNNER', 'ROAD_READY', 'DRIVER', 'SHOW']

/** Pieces that go out: how many, for how long, between which jobs, and what is covered first. */
export function SentOutForm({
  projectId,
  instead,
  begin,
  onClose,
}: {
  projectId: string
  /** The job that somebody else does from now on. */
  instead?: Schemas['JobResponse']
  begin?: Partial<typeof empty>
  onClose: () => void
}) {
  const { t } = useTranslation()
  const [id] = useState(() => crypto.randomUUID())
  const [v, setV] = useState({ ...empty, ...begin })
  const [aim, setAim] = useState<Aim>(instead?.aim ?? 'DRIVER')
  const [carGoes, setCarGoes] = useState(false)
  const [openOn, setOpenOn] = useState(everyDay)
  const put = (key: keyof typeof v) => (e: { target: { value: string } }) => setV({ ...v, [key]: e.target.value })
  const save = useWrite(
    (body: Schemas['NewSentOutRequest'], writeId) =>
      unwrap(
        api.POST('/api/projects/{projectId}/sent-out', { params: { path: { projectId } }, body, ...write(writeId) }),
      ),
    { said: () => t('away.kept'), done: onClose },
  )
  const choice = (label: string, key: 'beforeJob' | 'afterJob') => (
    <JobChoice projectId={projectId} label={label} none={t('away.noJob')} value={v[key]} onChange={put(key)} />
  )
  return (
    <Sheet title={t('away.add')} onClose={onClose}>
      <form
        className="grid gap-3"
        onSubmit={(e) => {
          e.preventDefault()
          save.mutate({
            id,
            title: v.title,
            pieces: Math.trunc(Number(v.pieces)) || 0,
            awayDays: Math.trunc(Number(v.days)) || 0,
            carGoes,
            aim,
            openOn,
            mask: v.mask
              .split(',')
              .map((m) => m.trim())
              .filter(Boolean),
            ...(v.beforeJob && { beforeJob: v.beforeJob }),
            ...(v.afterJob && { afterJob: v.afterJob }),
          })
        }}
      >
        <TextField label={t('away.what')} value={v.title} maxLength={120} onChange={put('title')} />
        <div className="grid grid-cols-2 gap-3">
          <TextField label={t('away.howMany')} inputMode="numeric" value={v.pieces} onChange={put('pieces')} />
          <TextField label={t('away.itsDays')} inputMode="numeric" value={v.days} onChange={put('days')} />
        </div>
        {choice(t('away.before'), 'beforeJob')}
        {choice(t('away.after'), 'afterJob')}
        <TextField label={t('away.maskWhat')} value={v.mask} maxLength={400} onChange={put('mask')} />
        <Choice label={t('away.aim')} value={aim} onChange={(e) => setAim(e.target.value as Aim)}>
          {aims.map((a) => (
            <option key={a} value={a}>
              {t(`aim.${a}`)}
            </option>
          ))}
        </Choice>
        <label className="flex min-h-11 items-center gap-2">
          <input
            type="checkbox"
            className="checkbox"
            checked={carGoes}
            onChange={(e) => setCarGoes(e.target.checked)}
          />
          {t('away.wholeCar')}
        </label>
        <WeekdayChoice label={t('away.openOn')} value={openOn} onChange={setOpenOn} />
        {instead && <p className="border-l-4 border-accent pl-3">{t('away.instead', { job: instead.title })}</p>}
        <ProblemAlert error={save.error} />
        <button type="submit" className="btn btn-primary" disabled={v.title.trim() === '' || save.isPending}>
          {t('save')}
        </button>
      </form>
    </Sheet>
  )
}
