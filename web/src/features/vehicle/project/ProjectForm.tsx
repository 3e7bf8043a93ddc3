import { useState } from 'react'
import { useQuery } from '@tanstack/react-query'
import { useForm } from 'react-hook-form'
import { zodResolver } from '@hookform/resolvers/zod'
import { z } from 'zod'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { isStale, ProblemAlert } from '@/ui/page/Feedback'
import { Choice, NoteField, TextField } from '@/ui/form/Field'
import { Merge } from '@/ui/form/Merge'
import { Sheet } from '@/ui/form/Sheet'
import { useFormat } from '@/ui/format/format'
import { minorText, parseMinor, useAmountProblem } from '@/ui/format/money'
import { aims } from '../finding/JudgementFields'

type Project = Schemas['ProjectRow']
const carLayouts = [
  'FRONT_ENGINE_REAR_DRIVE',
  'FRONT_ENGINE_FRONT_DRIVE',
  'FOUR_WHEEL_DRIVE',
  'MID_ENGINE',
  'REAR_ENGINE',
] as const
const fuels = ['petrol', 'two-stroke', 'diesel', 'hybrid', 'electric'] as const
const coolings = ['water', 'air', 'oil-air'] as const
const states = ['LOOKING', 'ACTIVE', 'RESTING', 'FINISHED', 'SOLD', 'SCRAPPED'] as const

const schema = z.object({
  vehicleName: z.string().trim().min(1, 'projects.nameMissing').max(120),
  builtYear: z.coerce.number({ error: 'projects.yearWrong' }).int('projects.yearWrong'),
  layout: z.enum([...carLayouts, 'MOTORCYCLE']),
  driverSide: z.enum(['LEFT', 'RIGHT', 'NONE']),
  identity: z.string().max(120),
  aim: z.enum(aims),
  state: z.enum(states),
  doubtfulParts: z.enum(['REPLACE', 'REUSE_WHAT_MEASURES']),
  budget: z.string(),
  monthly: z.string(),
  targetOn: z.string(),
  note: z.string().max(4000),
})
type Values = z.output<typeof schema>

function valuesOf(p: Project, currency: string): Values {
  return {
    vehicleName: p.vehicleName,
    builtYear: p.builtYear,
    layout: p.layout,
    driverSide: p.driverSide,
    identity: p.identity,
    aim: p.aim,
    state: p.state,
    doubtfulParts: p.doubtfulParts,
    budget: minorText(p.budgetMinor ?? 0, currency),
    monthly: minorText(p.monthlyMinor ?? 0, currency),
    targetOn: p.targetOn ?? '',
    note: p.note,
  }
}

/** A vehicle and what is to become of it. Asks for a name and a year; the rest has usual values. */
export function ProjectForm({
  project,
  onClose,
  onSaved,
}: {
  project?: Project
  onClose: () => void
  onSaved: (id: string) => void
}) {
  const { t } = useTranslation()
  const format = useFormat()
  const currency = format.currency
  const amountProblem = useAmountProblem()
  const [ids] = useState(() => ({ id: project?.id ?? crypto.randomUUID(), vehicleId: crypto.randomUUID() }))
  const [version, setVersion] = useState(project?.version ?? 0)
  const [stored, setStored] = useState<Values>()
  const styles = useQuery({ queryKey: ['bodies'], queryFn: () => unwrap(api.GET('/api/bodies')) })
  const [bodyStyle, setBodyStyle] = useState<Project['bodyStyle']>(project?.bodyStyle ?? 'ESTATE')
  const [fuel, setFuel] = useState('')
  const [cooling, setCooling] = useState('')
  const form = useForm({
    resolver: zodResolver(schema),
    defaultValues: project
      ? valuesOf(project, currency)
      : {
          vehicleName: '',
          builtYear: '' as unknown as number,
          layout: 'FRONT_ENGINE_REAR_DRIVE' as const,
          driverSide: 'LEFT' as const,
          identity: '',
          aim: 'ROAD_READY' as const,
          state: 'ACTIVE' as const,
          doubtfulParts: 'REPLACE' as const,
          budget: '',
          monthly: '',
          targetOn: '',
          note: '',
        },
  })
  const save = useWrite(
    (fields: Schemas['ProjectFields'], id) =>
      project
        ? unwrap(
            api.PUT('/api/projects/{id}', {
              params: { path: { id: ids.id } },
              body: { fields, bodyStyle, version },
              ...write(id),
            }),
          )
        : unwrap(
            api.POST('/api/projects', {
              body: { ...ids, bodyStyle, begunOn: format.today(), fields, equipment: known(fuel, cooling) },
              ...write(id),
            }),
          ),
    { said: (v) => t('projects.saved', { name: v.vehicleName }), done: (p) => onSaved(p.id) },
  )
  const submit = form.handleSubmit((v) => {
    const budgetMinor = v.budget.trim() === '' ? 0 : parseMinor(v.budget, currency)
    const monthlyMinor = v.monthly.trim() === '' ? 0 : parseMinor(v.monthly, currency)
    if (budgetMinor === undefined) return form.setError('budget', { message: amountProblem(v.budget, currency) })
    if (monthlyMinor === undefined) return form.setError('monthly', { message: amountProblem(v.monthly, currency) })
    const { vehicleName, builtYear, layout, driverSide, identity, aim, state, doubtfulParts, note, targetOn } = v
    save.mutate(
      {
        vehicleName,
        builtYear,
        layout: layoutOf(bodyStyle, layout),
        driverSide,
        identity,
        aim,
        state,
        doubtfulParts,
        note,
        budgetMinor,
        monthlyMinor,
        ...(targetOn ? { targetOn } : {}),
      },
      {
        onError: (problem) => {
          if (!isStale(problem)) return
          setStored(valuesOf(problem.stored as Project, currency))
          setVersion((problem.stored as Project).version)
        },
      },
    )
  })
  const errorOf = (f: keyof Values) => {
    const message = form.formState.errors[f]?.message
    if (f === 'budget' || f === 'monthly') return message // says it in words already
    return message ? t(message as 'moneyWrong') : undefined
  }
  return (
    <Sheet title={project ? t('projects.edit') : t('projects.start')} onClose={onClose}>
      <form className="grid gap-3" onSubmit={(e) => void submit(e)} noValidate>
        <TextField
          label={t('projects.name')}
          hint={t('projects.nameHint')}
          error={errorOf('vehicleName')}
          {...form.register('vehicleName')}
        />
        <div className="grid grid-cols-2 gap-3">
          <TextField
            label={t('projects.year')}
            inputMode="numeric"
            error={errorOf('builtYear')}
            {...form.register('builtYear')}
          />
          <Choice
            label={t('projects.body')}
            value={bodyStyle}
            onChange={(e) => setBodyStyle(e.target.value as Project['bodyStyle'])}
          >
            {(styles.data ?? [bodyStyle]).map((s) => (
              <option key={s} value={s}>
                {t(`body.${s}`)}
              </option>
            ))}
          </Choice>
          {bodyStyle !== 'MOTORCYCLE' && (
            <Choice label={t('projects.layout')} {...form.register('layout')}>
              {carLayouts.map((l) => (
                <option key={l} value={l}>
                  {t(`layout.${l}`)}
                </option>
              ))}
            </Choice>
          )}
          {!project && (
            <>
              <Choice label={t('projects.fuel')} value={fuel} onChange={(e) => setFuel(e.target.value)}>
                <option value="">{t('projects.notKnown')}</option>
                {fuels.map((f) => (
                  <option key={f} value={f}>
                    {t(`projects.fuels.${f}`)}
                  </option>
                ))}
              </Choice>
              <Choice label={t('projects.cooling')} value={cooling} onChange={(e) => setCooling(e.target.value)}>
                <option value="">{t('projects.notKnown')}</option>
                {coolings
                  .filter((c) => c !== 'oil-air' || bodyStyle === 'MOTORCYCLE')
                  .map((c) => (
                    <option key={c} value={c}>
                      {t(`projects.coolings.${c}`)}
                    </option>
                  ))}
              </Choice>
            </>
          )}
          <Choice label={t('projects.driverSide')} {...form.register('driverSide')}>
            {(['LEFT', 'RIGHT', 'NONE'] as const).map((s) => (
              <option key={s} value={s}>
                {t(`driverSide.${s}`)}
              </option>
            ))}
          </Choice>
          <Choice label={t('projects.aim')} {...form.register('aim')}>
            {aims.map((a) => (
              <option key={a} value={a}>
                {t(`aim.${a}`)}
              </option>
            ))}
          </Choice>
          <TextField label={t('projects.target')} type="date" {...form.register('targetOn')} />
          <TextField
            label={t('projects.budget', { currency })}
            inputMode="decimal"
            error={errorOf('budget')}
            {...form.register('budget')}
          />
          <TextField
            label={t('projects.monthly', { currency })}
            inputMode="decimal"
            error={errorOf('monthly')}
            {...form.register('monthly')}
          />
        </div>
        <Choice label={t('projects.state')} {...form.register('state')}>
          {states.map((s) => (
            <option key={s} value={s}>
              {t(`projectState.${s}`)}
            </option>
          ))}
        </Choice>
        <Choice label={t('decide.policy')} {...form.register('doubtfulParts')}>
          {(['REPLACE', 'REUSE_WHAT_MEASURES'] as const).map((p) => (
            <option key={p} value={p}>
              {t(`decide.policies.${p}`)}
            </option>
          ))}
        </Choice>
        <TextField label={t('projects.identity')} hint={t('projects.identityHint')} {...form.register('identity')} />
        {project && <NumberRemarks projectId={project.id} />}
        <NoteField label={t('projects.note')} {...form.register('note')} />
        <ProblemAlert error={save.error} />
        {stored && (
          <Merge
            mine={form.getValues() as Values}
            stored={stored}
            onChange={(merged) => form.reset(merged)}
            fields={(
              ['vehicleName', 'builtYear', 'aim', 'state', 'budget', 'monthly', 'targetOn', 'identity', 'note'] as const
            ).map((key) => ({ key, label: t(`projects.merge.${key}`), show: String, text: key === 'note' }))}
          />
        )}
        <div className="flex gap-2">
          <button type="submit" className="btn btn-primary" disabled={save.isPending}>
            {project ? t('save') : t('projects.startNow')}
          </button>
          <button type="button" className="btn" onClick={onClose}>
            {t('notNow')}
          </button>
        </div>
      </form>
    </Sheet>
  )
}

/** A motorcycle has its own layout; a car that was entered as one takes the usual one. */
const layoutOf = (body: Project['bodyStyle'], layout: Values['layout']): Values['layout'] =>
  body === 'MOTORCYCLE' ? 'MOTORCYCLE' : layout === 'MOTORCYCLE' ? 'FRONT_ENGINE_REAR_DRIVE' : layout

/** What is known at once; what is not is asked at the first check that depends on it. */
const known = (fuel: string, cooling: string): Schemas['Fact'][] => [
  ...(fuel ? [{ item: 'fuel', value: fuel, how: 'PAPERS' as const }] : []),
  ...(cooling ? [{ item: 'cooling', value: cooling, how: 'SEEN' as const }] : []),
]

/** What is odd about the number that is stored; it only warns. */
function NumberRemarks({ projectId }: { projectId: string }) {
  const { t } = useTranslation()
  const number = useQuery({
    queryKey: ['projects', projectId, 'number'],
    queryFn: () => unwrap(api.GET('/api/projects/{id}/number', { params: { path: { id: projectId } } })),
  })
  return number.data?.remarks.map((r) => (
    <p key={r} className="text-sm font-semibold">
      {t(`number.${r}`)}
    </p>
  ))
}
