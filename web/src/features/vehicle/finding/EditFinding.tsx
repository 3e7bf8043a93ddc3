import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { isStale, ProblemAlert } from '@/ui/page/Feedback'
import { Choice, NoteField } from '@/ui/form/Field'
import { Merge } from '@/ui/form/Merge'
import { isLowered, LoweredReason } from '@/ui/form/LoweredReason'
import { aims, kinds } from './JudgementFields'

type Finding = Schemas['FindingRow']
type Edited = Pick<Finding, 'kind' | 'severity' | 'safetyClass' | 'howSeen' | 'aim' | 'covered' | 'note'> & {
  loweredReason: string
}

const editedOf = (f: Finding): Edited => ({
  kind: f.kind,
  severity: f.severity,
  safetyClass: f.safetyClass,
  loweredReason: f.loweredReason ?? '',
  howSeen: f.howSeen,
  aim: f.aim,
  covered: f.covered,
  note: f.note,
})

/** Changes a finding; if another window changed it meanwhile, both versions stand beside each other. */
export function EditFinding({ finding, onDone }: { finding: Finding; onDone: () => void }) {
  const { t } = useTranslation()
  const [base, setBase] = useState(finding)
  const [mine, setMine] = useState(editedOf(finding))
  const [stored, setStored] = useState<Finding>()
  const save = useWrite(
    (body: Schemas['FindingChangeRequest'], id) =>
      unwrap(api.PUT('/api/findings/{id}', { params: { path: { id: finding.id } }, body, ...write(id) })),
    { said: () => t('finding.saved'), done: onDone },
  )
  // what stood as proposed and was not touched stays a proposal
  const said = <K extends 'severity' | 'safetyClass' | 'howSeen' | 'aim'>(key: K) =>
    base.proposed.includes(key) && mine[key] === base[key] ? undefined : mine[key]
  const put = (change: Partial<Edited>) => setMine({ ...mine, ...change })
  return (
    <form
      className="grid gap-3"
      onSubmit={(e) => {
        e.preventDefault()
        const judged = Object.fromEntries(
          (['severity', 'safetyClass', 'howSeen', 'aim'] as const)
            .map((k) => [k, said(k)])
            .filter(([, v]) => v !== undefined),
        )
        save.mutate(
          {
            fields: {
              zone: base.zone,
              kind: mine.kind,
              covered: mine.covered,
              note: mine.note,
              foundOn: base.foundOn,
              ...judged,
              ...(isLowered(mine.safetyClass, base.demandedClass) && { loweredReason: mine.loweredReason }),
            },
            version: base.version,
          },
          {
            onError: (problem) => {
              if (!isStale(problem)) return
              setStored(problem.stored as Finding)
              setBase(problem.stored as Finding)
            },
          },
        )
      }}
    >
      <Choice
        label={t('finding.kind')}
        value={mine.kind}
        onChange={(e) => put({ kind: e.target.value as Edited['kind'] })}
      >
        {kinds.map((k) => (
          <option key={k} value={k}>
            {t(`kind.${k}`)}
          </option>
        ))}
      </Choice>
      <Choice
        label={t('finding.safetyClass')}
        value={mine.safetyClass}
        onChange={(e) => put({ safetyClass: e.target.value as Edited['safetyClass'] })}
      >
        {(['A', 'B', 'C', 'D'] as const).map((c) => (
          <option key={c} value={c}>
            {t(`safety.${c}`)}
          </option>
        ))}
      </Choice>
      <LoweredReason
        said={mine.safetyClass}
        demanded={base.demandedClass}
        value={mine.loweredReason}
        onChange={(loweredReason) => put({ loweredReason })}
      />
      <Choice
        label={t('finding.severity')}
        value={mine.severity}
        onChange={(e) => put({ severity: Number(e.target.value) })}
      >
        {([1, 2, 3, 4] as const).map((g) => (
          <option key={g} value={g}>
            {t(`severity.g${g}`)}
          </option>
        ))}
      </Choice>
      <Choice
        label={t('finding.howSeen')}
        value={mine.howSeen}
        onChange={(e) => put({ howSeen: e.target.value as Edited['howSeen'] })}
      >
        {(['PHOTO', 'GLANCED', 'WALKED_ROUND', 'ON_STANDS', 'OPENED'] as const).map((s) => (
          <option key={s} value={s}>
            {t(`seen.${s}`)}
          </option>
        ))}
      </Choice>
      <Choice label={t('finding.aim')} value={mine.aim} onChange={(e) => put({ aim: e.target.value as Edited['aim'] })}>
        {aims.map((a) => (
          <option key={a} value={a}>
            {t(`aim.${a}`)}
          </option>
        ))}
      </Choice>
      <NoteField label={t('walk.note')} value={mine.note} onChange={(e) => put({ note: e.target.value })} />
      <label className="flex min-h-11 items-center gap-2">
        <input
          type="checkbox"
          className="checkbox"
          checked={mine.covered}
          onChange={(e) => put({ covered: e.target.checked })}
        />
        {t('walk.covered')}
      </label>
      <ProblemAlert error={save.error} />
      {stored && (
        <Merge
          mine={mine}
          stored={editedOf(stored)}
          onChange={setMine}
          fields={[
            { key: 'kind', label: t('finding.kind'), show: (v) => t(`kind.${v as Edited['kind']}`) },
            {
              key: 'safetyClass',
              label: t('finding.safetyClass'),
              show: (v) => t(`safety.${v as Edited['safetyClass']}`),
            },
            { key: 'severity', label: t('finding.severity'), show: (v) => String(v) },
            { key: 'howSeen', label: t('finding.howSeen'), show: (v) => t(`seen.${v as Edited['howSeen']}`) },
            { key: 'aim', label: t('finding.aim'), show: (v) => t(`aim.${v as Edited['aim']}`) },
            { key: 'note', label: t('walk.note'), show: (v) => String(v), text: true },
          ]}
        />
      )}
      <div className="flex gap-2">
        <button type="submit" className="btn btn-primary" disabled={save.isPending}>
          {t('save')}
        </button>
        <button type="button" className="btn" onClick={onDone}>
          {t('notNow')}
        </button>
      </div>
    </form>
  )
}
