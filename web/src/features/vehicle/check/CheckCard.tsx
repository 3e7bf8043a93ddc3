import { useState } from 'react'
import { Link } from 'react-router'
import { useTranslation } from 'react-i18next'
import { Ruler } from 'lucide-react'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { Cautions } from '@/ui/safety/Cautions'
import { ProblemAlert } from '@/ui/page/Feedback'
import { Choice } from '@/ui/form/Field'
import { useFormat } from '@/ui/format/format'
import { useDraft } from '@/ui/form/draft/useDraft'
import { FindingMade } from '../finding/FindingMade'
import { StepButtons } from './StepButtons'
import { Answers } from './Answers'
import { HowILook, type Look } from './HowILook'
import { plain } from './plain'
import { WhatItMeans } from './WhatItMeans'
import { nextUnanswered, restHere, type HowSeen, type Seen, type Step, type Walk } from './checkWalk'

type Said = { answers: Schemas['Said'][]; seen: Seen; rest: boolean }

type Props = {
  projectId: string
  walk: Walk
  at: number
  nameOf: (place: string) => string
  onGo: (index: number) => void
}

/** The check at hand with big answers for one thumb; after an answer the next one comes. */
export function CheckCard({ projectId, walk, at, nameOf, onGo }: Props) {
  const { t } = useTranslation()
  const step = walk.steps[at]!
  const check = walk.checks.find((c) => c.id === step.checkId)!
  const here = walk.steps.filter((s) => s.place === step.place)
  const [how, setHow] = useDraft<Look>(`look.${projectId}`, standing)
  const [failed, setFailed] = useState<Schemas['Standing']>()
  const [fault, setFault] = useState(step.place)
  const place = nameOf(step.place)
  const rest = restHere(walk, step, how.how)
  const next = () => onGo(nextUnanswered(walk.steps, at))
  const save = useWrite(
    ({ answers }: Said, writeId) =>
      unwrap(
        api.POST('/api/projects/{projectId}/answers', {
          params: { path: { projectId } },
          body: { answers },
          ...write(writeId),
        }),
      ),
    {
      // a single answer shows by itself, and is changed by going one back
      said: ({ answers, seen, rest }, { standing }) => {
        const kind = check.findings[seen]
        if (standing.some((s) => s.known)) return undefined // the card says that it is known
        if (kind) return t('check.findingMade', { kind: t(`kind.${kind}`), place: nameOf(fault) })
        return rest ? t('check.restRecorded', { count: answers.length, place }) : undefined
      },
      done: ({ standing }) => {
        const [first] = standing
        if (first) setFailed(first)
        else next()
      },
    },
  )
  const say = (seen: Seen, steps: Step[] = [step]) => {
    onGo(at) // stay here until it is kept, even when this is no longer the first one left
    save.mutate({
      seen,
      rest: steps[0] !== step || steps.length > 1,
      answers: steps.map((s) => ({
        id: crypto.randomUUID(),
        checkId: s.checkId,
        place: s.place,
        seen,
        howSeen: how.how,
        covered: false,
        another: how.another,
        ...(s === step && step.also.length > 0 && { foundAt: fault }),
      })),
    })
  }
  return (
    <section aria-label={t('check.title')} className="card-sheet grid gap-3 p-4">
      <p className="quiet text-sm">
        {t('check.here', { place, number: here.indexOf(step) + 1, all: here.length })} ·{' '}
        {t(`check.method.${check.method}`)}
        {step.seen && ` · ${t('check.answered', { seen: t(`check.seen.${step.seen}`) })}`}
      </p>
      {step.look && step.howSeen && <Looked look={step.look} how={step.howSeen} />}
      <h2 className="text-xl font-semibold">{check.how}</h2>
      <Cautions cautions={step.cautions} />
      <WhatItMeans check={check} ifBad={step.ifBad} />
      {failed ? (
        <FindingMade projectId={projectId} standing={failed} place={nameOf(fault)} onDone={next} />
      ) : (
        <>
          {check.limit && (
            <Link
              className={`btn ${plain}`}
              to={`/p/${projectId}/walk/readings?new=1&limit=${check.limit}&place=${fault}`}
            >
              <Ruler className="size-5" aria-hidden="true" />
              {t('check.measure')}
            </Link>
          )}
          {!check.settledBy.includes(how.how) && (
            <p className="font-semibold">{t('check.needs', { how: t(`seen.${check.seen}`) })}</p>
          )}
          {step.also.length > 0 && (
            <Choice label={t('check.where')} value={fault} onChange={(e) => setFault(e.target.value)}>
              {[step.place, ...step.also].map((p) => (
                <option key={p} value={p}>
                  {nameOf(p)}
                </option>
              ))}
            </Choice>
          )}
          <Answers operated={check.method === 'OPERATE'} busy={save.isPending} onSay={say} />
          {rest.length > 0 && (
            <button
              type="button"
              className={`btn h-auto py-2 ${plain}`}
              disabled={save.isPending}
              onClick={() => say('GOOD', step.seen ? rest : [step, ...rest])}
            >
              {t('check.restGood', { count: rest.length + (step.seen ? 0 : 1) })}
            </button>
          )}
          <ProblemAlert error={save.error} />
          <HowILook how={how} onChange={setHow} />
          <StepButtons at={at} all={walk.steps.length} onGo={onGo} />
        </>
      )}
    </section>
  )
}

/** Who looked last, and how. */
function Looked({ look, how }: { look: NonNullable<Step['look']>; how: HowSeen }) {
  const { t } = useTranslation()
  const format = useFormat()
  return (
    <p className="quiet text-sm">
      {t(look.another ? 'check.toldBy' : 'check.lookedBy', {
        name: look.by,
        how: t(`seen.${how}`),
        date: format.dayAndYear(format.dateOf(look.at)),
      })}
    </p>
  )
}

const standing: Look = { how: 'WALKED_ROUND', another: false }
