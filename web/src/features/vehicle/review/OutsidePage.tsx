import { useRef, useState } from 'react'
import { useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { Loaded } from '@/ui/page/Feedback'
import { Page } from '@/ui/page/Page'
import { useZoneName } from '@/ui/format/names/zones'
import { groupBy } from '@/ui/format/groupBy'
import { SafetyMark } from '@/ui/safety/SafetyMark'
import { UnrolledCar } from '@/ui/drawing/CarDrawing'
import { BlobPhoto } from './BlobPhoto'
import { RemarkForm, type About } from './RemarkForm'
import { reviewQuery, type Review } from './review'

/** What somebody outside sees by a link: findings and photos, and a place to say what they see. */
export function OutsidePage() {
  const { t } = useTranslation()
  const [token] = useState(() => window.location.hash.slice(1))
  return (
    <Loaded query={useQuery(reviewQuery(token))} what={t('outside.loading')}>
      {(review) => <Outside token={token} review={review} />}
    </Loaded>
  )
}

function Outside({ token, review }: { token: string; review: Review }) {
  const { t } = useTranslation()
  const zoneName = useZoneName()
  const [about, setAbout] = useState<About>()
  const form = useRef<HTMLElement>(null)
  const choose = (chosen: About) => {
    setAbout(chosen)
    form.current?.scrollIntoView({ block: 'nearest' }) // on a phone it lies above what was pressed
  }
  const nameOf = (id: string) => zoneName(review.drawing, id)
  const titleOf = (f: Review['findings'][number]) =>
    f.thing === undefined
      ? t('findingAt', { kind: t(`kind.${f.kind}`), place: nameOf(f.zone) })
      : t('thingAt', { what: whatOf(f.thing, f.kind), place: nameOf(f.zone) })
  const whatOf = (thing: string, kind: Review['findings'][number]['kind']) =>
    kind === 'SYMPTOM' ? thing : t('thingIs', { thing, kind: t(`kind.${kind}`).toLocaleLowerCase() })
  const marks = [...groupBy(review.findings, (f) => f.zone)].map(([zone, here]) => ({
    zone,
    safety: here.map((f) => f.safetyClass).sort()[0]!,
    count: here.length,
    closed: false,
  }))
  const aboutName =
    about && ('zone' in about ? nameOf(about.zone) : titleOf(review.findings.find((f) => f.id === about.findingId)!))
  return (
    <Page
      title={t('outside.title')}
      answer={t('outside.answer', { car: review.vehicleName, year: review.builtYear, count: review.findings.length })}
    >
      {review.picture && (
        <BlobPhoto token={token} from="picture" id={review.picture} alt={t('photo.of', { name: review.vehicleName })} />
      )}
      <p className="my-4">{t('outside.how')}</p>
      <div className="grid grid-cols-[minmax(0,1fr)] gap-6 lg:grid-cols-[minmax(0,1fr)_24rem]">
        <div>
          {
            <UnrolledCar
              body={review.drawing}
              marks={marks}
              nameOf={nameOf}
              onPress={(zone) => choose({ zone })}
              {...(about && 'zone' in about && { selected: about.zone })}
            />
          }
          <ul className="mt-4">
            {review.findings.map((f) => (
              <li key={f.id} className="border-b border-base-300 py-2">
                <button
                  type="button"
                  className="flex min-h-11 w-full items-center gap-3 text-left font-semibold hover:bg-base-200"
                  onClick={() => choose({ findingId: f.id })}
                >
                  <SafetyMark safety={f.safetyClass} word={false} />
                  {titleOf(f)}
                </button>
                {f.note && <p className="whitespace-pre-wrap">{f.note}</p>}
                <p className="quiet text-sm">{t(`seen.${f.howSeen}`)}</p>
                <div className="flex flex-wrap gap-2">
                  {f.photos.map((id) => (
                    <BlobPhoto key={id} token={token} from={`photos/${f.id}`} id={id} alt={titleOf(f)} />
                  ))}
                </div>
              </li>
            ))}
          </ul>
        </div>
        <aside ref={form} className="order-first lg:order-none">
          <RemarkForm token={token} about={about} aboutName={aboutName} onSent={() => setAbout(undefined)} />
          {review.remarks.length > 0 && (
            <section className="mt-4">
              <h2 className="font-semibold">{t('outside.yours')}</h2>
              <ul>
                {review.remarks.map((r) => (
                  <li key={r.id} className="border-b border-base-300 py-2">
                    {r.words} <span className="quiet">({t(`review.state.${r.state}`)})</span>
                  </li>
                ))}
              </ul>
            </section>
          )}
        </aside>
      </div>
    </Page>
  )
}
