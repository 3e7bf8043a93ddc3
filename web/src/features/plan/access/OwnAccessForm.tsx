import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { ProblemAlert } from '@/ui/page/Feedback'
import { TextField } from '@/ui/form/Field'
import { Sheet } from '@/ui/form/Sheet'
import { minutesOf } from '@/ui/format/format'
import type { VehicleAccess, Access } from './access'
import { AccessChoice } from './AccessChoice'

/** An access of one's own, or one's own figures for one of the library. */
export function OwnAccessForm({
  projectId,
  vehicleAccess,
  access,
  onClose,
}: {
  projectId: string
  vehicleAccess: VehicleAccess
  access?: Access
  onClose: () => void
}) {
  const { t } = useTranslation()
  const [id] = useState(() => access?.id ?? `own-${crypto.randomUUID()}`)
  const [name, setName] = useState(access?.name ?? '')
  const [needs, setNeeds] = useState(access?.needs ?? [])
  const [strip, setStrip] = useState(access ? String(access.stripMinutes / 60) : '')
  const [refit, setRefit] = useState(access ? String(access.refitMinutes / 60) : '')
  const [people, setPeople] = useState(String(access?.people ?? 1))
  const [rolls, setRolls] = useState(access ? !access.excludes.includes('ROLLING') : true)
  const [stripMinutes, refitMinutes] = [minutesOf(strip), minutesOf(refit)]
  const save = useWrite(
    (body: Schemas['OwnAccessRow'], id) =>
      unwrap(api.PUT('/api/projects/{projectId}/access/own', { params: { path: { projectId } }, body, ...write(id) })),
    { said: () => t('access.ownKept', { name }), done: onClose },
  )
  const wrong = (typed: string, minutes?: number) =>
    typed.trim() !== '' && minutes === undefined ? t('access.hoursWrong') : undefined
  return (
    <Sheet title={access ? access.name : t('access.addOwn')} onClose={onClose}>
      <form
        className="grid gap-3"
        onSubmit={(e) => {
          e.preventDefault()
          save.mutate({
            access: id,
            name,
            needs,
            stripMinutes: stripMinutes!,
            refitMinutes: refitMinutes!,
            people: Number(people),
            rolls,
            version: access?.version ?? 0,
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
        <AccessChoice
          label={t('access.ownNeeds')}
          accesses={vehicleAccess.accesses.filter((w) => w.id !== id)}
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
