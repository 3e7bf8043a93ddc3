import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { Camera } from 'lucide-react'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { Cautions } from '@/ui/safety/Cautions'
import { ProblemAlert } from '@/ui/page/Feedback'
import { plain } from '../check/plain'
import { StepButtons } from '../check/StepButtons'
import { WhyNot } from '../check/WhyNot'
import { FaultChoice } from './FaultChoice'
import { FaultKept } from './FaultKept'
import { needRunning, nextOpen, type Card, type Kind, type Seen } from './shortLook'

const verdicts = ['GOOD', 'DOUBTFUL', 'BAD'] as const
const reasons = ['COVERED', 'NOT_OPENED', 'NO_REACH', 'NOT_ALLOWED'] as const

type Props = {
  projectId: string
  kind: Kind
  cards: Card[]
  at: number
  nameOf: (place: string) => string
  onGo: (index: number) => void
}
type Standing = Schemas['Standing']

/** One question, one press. A fault says which of its few it is. */
export function ShortCard({ projectId, kind, cards, at, nameOf, onGo }: Props) {
  const { t } = useTranslation()
  const card = cards[at]!
  const [fault, setFault] = useState<'DOUBTFUL' | 'BAD'>()
  const [kept, setKept] = useState<{ seen: Seen; standing: Standing[] }>()
  const next = () => onGo(nextOpen(cards, at))
  const save = useWrite(
    (body: Schemas['CardAnswerRequest'], writeId) =>
      unwrap(
        api.POST('/api/projects/{projectId}/short-look/answers', {
          params: { path: { projectId } },
          body,
          ...write(writeId),
        }),
      ),
    {
      done: ({ standing }, { seen }) => {
        if (standing.length > 0) setKept({ seen, standing })
        else next()
      },
    },
  )
  const say = (seen: Seen, more: { cards?: string[]; fault?: { checkId: string; place: string } } = {}) => {
    onGo(at) // stay here until it is kept
    save.mutate({
      id: crypto.randomUUID(),
      kind,
      cards: more.cards ?? [card.asks.id],
      seen,
      ...(more.fault && { fault: more.fault }),
    })
  }
  const choose = (found: 'DOUBTFUL' | 'BAD') => {
    onGo(at)
    setFault(found)
  }
  const running = needRunning(cards)
  return (
    <section aria-label={t('short.card')} className="card-sheet grid gap-3 p-4">
      <p className="quiet text-sm">
        {t('short.number', { number: at + 1, all: cards.length, where: card.asks.where })}
        {card.seen && ` · ${t('check.answered', { seen: t(`check.seen.${card.seen}`) })}`}
      </p>
      <h2 className="text-xl font-semibold">{card.asks.task}</h2>
      <Cautions cautions={card.cautions} />
      <dl className="grid grid-cols-[3.5rem_1fr] gap-2">
        <dt className="quiet">{t('short.good')}</dt>
        <dd>{card.asks.good}</dd>
        <dt className="quiet">{t('short.bad')}</dt>
        <dd>{card.asks.bad}</dd>
      </dl>
      {card.asks.photo && (
        <p className="quiet flex items-center gap-2 text-sm">
          <Camera className="size-5" aria-hidden="true" />
          {t('short.photo')}
        </p>
      )}
      {kept ? (
        <FaultKept
          projectId={projectId}
          card={card}
          seen={kept.seen}
          standing={kept.standing}
          nameOf={nameOf}
          onDone={next}
        />
      ) : fault ? (
        <FaultChoice
          card={card}
          nameOf={nameOf}
          pending={save.isPending}
          onBack={() => setFault(undefined)}
          onChoose={(chosen) => say(fault, { fault: chosen })}
        />
      ) : (
        <>
          <div className="grid grid-cols-3 gap-2">
            {verdicts.map((v) => (
              <button
                key={v}
                type="button"
                className={`btn btn-lg px-1 ${v === 'GOOD' ? 'btn-primary' : plain}`}
                disabled={save.isPending}
                onClick={() => (v === 'GOOD' ? say(v) : choose(v))}
              >
                {t(`check.seen.${v}`)}
              </button>
            ))}
          </div>
          <WhyNot label={t('check.cantSee')} reasons={reasons} busy={save.isPending} onSay={(r) => say(r)}>
            {card.asks.running && (
              <button
                type="button"
                className={`btn col-span-2 h-auto py-2 ${plain}`}
                disabled={save.isPending}
                onClick={() => say('NO_CURRENT', { cards: running.map((c) => c.asks.id) })}
              >
                {t('short.noCurrent', { count: running.length })}
              </button>
            )}
          </WhyNot>
          <ProblemAlert error={save.error} />
          <StepButtons at={at} all={cards.length} onGo={onGo} />
        </>
      )}
    </section>
  )
}
