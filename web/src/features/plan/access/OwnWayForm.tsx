import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { ProblemAlert } from '@/ui/Feedback'
import { TextField } from '@/ui/Field'
import { Sheet } from '@/ui/Sheet'
import { minutesOf } from '@/ui/format'
import type { Access, Way } from './access'
import { WayChoice } from './WayChoice'

/** A way in of one's own, or one's own figures for one of the library. */
export function OwnWayForm({
  projectId,
  access,
  way,
  onClose,
}: {
  projectId: string
  access: Access
  way?: Way
  onClose: () => void
}) {
  const { t } = useTranslation()
  const [wayIn] = useState(() => way?.id ?? `own-${crypto.randomUUID()}`)
  const [name, setName] = useState(way?.name ?? '')
  const [needs, setNeeds] = useState(way?.needs ?? [])
  const [strip, setStrip] = useState(way ? String(way.stripMinutes / 60) : '')
  const [refit, setRefit] = useState(way ? String(way.refitMinutes / 60) : '')
  const [people, setPeople] = useState(String(way?.people ?? 1))
  const [rolls, setRolls] = useState(way ? !way.excludes.includes('ROLLING') : true)
  const [stripMinutes, refitMinutes] = [minutesOf(strip), minutesOf(refit)]
  const save = useWrite(
    (body: Schemas['OwnWayRow'], id) =>
      unwrap(api.PUT('/api/projects/{projectId}/access/ways', { params: { path: { projectId } }, body, ...write(id) })),
    { said: () => t('access.ownKept', { name }), done: onClose },
  )
  const wrong = (typed: string, minutes?: number) =>
    typed.trim() !== '' && minutes === undefined ? t('access.hoursWrong') : undefined
  return (
    <Sheet title={way ? way.name : t('access.addOwn')} onClose={onClose}>
      <form
        className="grid gap-3"
        onSubmit={(e) => {
          e.preventDefault()
          save.mutate({
            wayIn,
            name,
            needs,
            stripMinutes: stripMinutes!,
            refitMinutes: refitMinutes!,
            people: Number(people),
            rolls,
            version: way?.version ?? 0,
          })
        }}
      >
        <TextField label={t('access.ownName')} value={name} maxLength={120} onChange={(e) => setName(e.target.value)} />
        <div className="grid grid-cols-3 gap-2">
          <TextField
            label={t('access.stripHours')}
            inputMode="decimal"
            value={strip}
            error={wrong(strip, stripMinutes)}
            onChange={(e) => setStrip(e.target.value)}
          />
          <TextField
            label={t('access.refitHours')}
            inputMode="decimal"
            value={refit}
            error={wrong(refit, refitMinutes)}
            onChange={(e) => setRefit(e.target.value)}
          />
          <TextField
            label={t('access.ownPeople')}
            inputMode="numeric"
            value={people}
            onChange={(e) => setPeople(e.target.value)}
          />
        </div>
        <WayChoice
          label={t('access.ownNeeds')}
          ways={access.ways.filter((w) => w.id !== wayIn)}
          chosen={needs}
          onChange={setNeeds}
        />
        <label className="flex min-h-11 items-center gap-2">
          <input type="checkbox" className="checkbox" checked={rolls} onChange={(e) => setRolls(e.target.checked)} />
          {t('access.rolls')}
        </label>
        <ProblemAlert error={save.error} />
        <button
          type="submit"
          className="btn btn-primary"
          disabled={
            name.trim() === '' ||
            stripMinutes === undefined ||
            refitMinutes === undefined ||
            !/^[1-6]$/.test(people) ||
            save.isPending
          }
        >
          {t('access.keepOwn')}
        </button>
      </form>
    </Sheet>
  )
}
