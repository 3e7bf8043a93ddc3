import { useMutation, useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { Download, HardDriveDownload, TriangleAlert } from 'lucide-react'
import { api, unwrap, type Schemas } from '@/api/client'
import { backupQuery } from '@/api/queries'
import { Command } from '@/ui/page/Command'
import { Loaded, ProblemAlert } from '@/ui/page/Feedback'
import { useFormat } from '@/ui/format/format'

const MB = 1_000_000

/** How old the last backup is, what makes it unsafe, and one to take away. */
export function Backup() {
  const { t } = useTranslation()
  const state = useQuery(backupQuery)
  return (
    <Loaded query={state} what={t('backup.loading')}>
      {(s) => (
        <div className="grid gap-2">
          <Age state={s} />
          {s.lost > 0 && <Warning>{t('backup.lost', { count: s.lost })}</Warning>}
          {s.failure && <Warning>{t('backup.failed', { why: s.failure })}</Warning>}
          <p className="quiet text-sm">
            {s.folder ? t('backup.daily', { folder: s.folder }) : t('backup.nobody')} {s.sealed && t('backup.sealed')}
          </p>
          {s.sameDisk && (
            <p className="quiet text-sm">
              {t('backup.sameDisk')} <Command>./ofisino backup-place FOLDER</Command>
            </p>
          )}
          <TakeAway />
        </div>
      )}
    </Loaded>
  )
}

function Age({ state: s }: { state: Schemas['BackupResponse'] }) {
  const { t } = useTranslation()
  const format = useFormat()
  if (!s.latestAt) return <Warning>{t('backup.none')}</Warning>
  const day = format.shortDay(format.dateOf(s.latestAt))
  if (s.overdue) return <Warning>{t('backup.overdue', { day })}</Warning>
  return <p>{t('backup.latest', { day, time: format.time(s.latestAt) })}</p>
}

function Warning({ children }: { children: string }) {
  return (
    <p className="flex gap-2 font-semibold">
      <TriangleAlert className="mt-0.5 size-5 shrink-0 text-warning" aria-hidden="true" />
      {children}
    </p>
  )
}

function TakeAway() {
  const { t } = useTranslation()
  const make = useMutation({ mutationFn: () => unwrap(api.POST('/api/backup/archives')) })
  return (
    <div className="grid justify-items-start gap-2">
      <button type="button" className="btn" disabled={make.isPending} onClick={() => make.mutate()}>
        <HardDriveDownload className="size-5" aria-hidden="true" />
        {make.isPending ? t('backup.making') : t('backup.make')}
      </button>
      <ProblemAlert error={make.error} />
      {make.data && (
        <div role="status" className="grid justify-items-start gap-2">
          <p>{t('backup.made', { name: make.data.name, size: Math.max(1, Math.round(make.data.bytes / MB)) })}</p>
          <a className="btn btn-primary" href={`/api/backup/archives/${make.data.name}`} download={make.data.name}>
            <Download className="size-5" aria-hidden="true" />
            {t('backup.fetch', { name: make.data.name })}
          </a>
          <p className="quiet text-sm">
            {t('backup.back')} <Command>./ofisino restore {make.data.name}</Command>
          </p>
        </div>
      )}
    </div>
  )
}
