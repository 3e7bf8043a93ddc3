import { useState } from 'react'
import { useQuery } from '@tanstack/react-query'
import { useParams } from 'react-router'
import { useTranslation } from 'react-i18next'
import { Plus } from 'lucide-react'
import { api, unwrap, type Schemas } from '@/api/client'
import { anatomyQuery, drawingQuery } from '@/api/queries'
import { Loaded } from '@/ui/page/Feedback'
import { Page } from '@/ui/page/Page'
import { TextField } from '@/ui/form/Field'
import { groupBy } from '@/ui/format/groupBy'
import { usePlaceNames } from '@/ui/format/names/zones'
import { OwnPartForm } from './OwnPartForm'

type Part = Schemas['ComponentResponse']
type Own = Schemas['OwnComponentsResponse']

/** What a vehicle is made of, system by system, and what its person says of single parts. */
export function AnatomyPage() {
  const { projectId = '' } = useParams()
  const { t } = useTranslation()
  const parts = useQuery(anatomyQuery(projectId))
  const own = useQuery({
    queryKey: ['ownComponents', projectId],
    queryFn: () => unwrap(api.GET('/api/projects/{projectId}/own-components', { params: { path: { projectId } } })),
  })
  return (
    <Loaded query={parts} what={t('anatomy.loading')}>
      {(all) => (
        <Loaded query={own} what={t('anatomy.loading')}>
          {(said) => <Parts parts={all.filter((p) => !p.symptom)} own={said} projectId={projectId} />}
        </Loaded>
      )}
    </Loaded>
  )
}

function Parts({ parts, own, projectId }: { parts: Part[]; own: Own; projectId: string }) {
  const { t } = useTranslation()
  const [search, setSearch] = useState('')
  const [open, setOpen] = useState<string>()
  const drawing = useQuery(drawingQuery(projectId))
  const close = () => setOpen(undefined)
  const wanted = search.trim().toLocaleLowerCase()
  const found = parts.filter((p) => p.name.toLocaleLowerCase().includes(wanted))
  const absent = own.said.filter((o) => o.absent)
  return (
    <Page
      title={t('anatomy.title')}
      answer={
        <>
          {t('anatomy.answer', { count: parts.length })}{' '}
          {own.said.length > 0 && t('anatomy.said', { count: own.said.length })}
        </>
      }
      action={
        <button type="button" className="btn btn-primary" onClick={() => setOpen('new')}>
          <Plus className="size-5" aria-hidden="true" />
          {t('anatomy.add')}
        </button>
      }
    >
      <div className="max-w-md">
        <TextField label={t('anatomy.search')} value={search} onChange={(e) => setSearch(e.target.value)} />
      </div>
      {found.length === 0 && <p className="mt-4">{t('anatomy.nothing')}</p>}
      <div className="mt-4 gap-x-10 md:columns-2">
        {[...groupBy(found, (p) => p.system)].map(([system, its]) => (
          <details key={system + String(wanted !== '')} open={wanted !== ''} className="border-b border-base-300">
            <summary className="cursor-pointer py-2 font-semibold">
              {t(`system.${system}`)} <span className="quiet font-normal">{its.length}</span>
            </summary>
            <PartList parts={its} own={own} projectId={projectId} onOpen={setOpen} />
          </details>
        ))}
        {absent.length > 0 && (
          <section>
            <h2 className="py-2 font-semibold">{t('anatomy.absentOnes')}</h2>
            <ul>
              {absent.map((o) => (
                <Line key={o.id} name={o.name ?? own.usual[o.component] ?? ''} onOpen={() => setOpen(o.component)} />
              ))}
            </ul>
          </section>
        )}
      </div>
      {open && drawing.data && (
        <OwnPartForm
          projectId={projectId}
          component={open === 'new' ? undefined : open}
          part={parts.find((p) => p.id === open)}
          own={own}
          onClose={close}
        />
      )}
    </Page>
  )
}

function PartList({
  parts,
  own,
  projectId,
  onOpen,
}: {
  parts: Part[]
  own: Own
  projectId: string
  onOpen: (component: string) => void
}) {
  const { t } = useTranslation()
  const placeName = usePlaceNames(projectId)
  return (
    <ul className="mb-3">
      {parts.map((p) => {
        const said = own.said.find((o) => o.component === p.id)
        const usual = own.usual[p.id]
        return (
          <Line
            key={p.id}
            name={p.name}
            more={[
              p.places.map(placeName).filter(Boolean).join(', '),
              said?.place && t('anatomy.own'),
              said?.name && usual && t('anatomy.usually', { name: usual }),
            ]}
            onOpen={() => onOpen(p.id)}
          />
        )
      })}
    </ul>
  )
}

function Line({
  name,
  more = [],
  onOpen,
}: {
  name: string
  more?: (string | false | undefined)[]
  onOpen: () => void
}) {
  const { t } = useTranslation()
  return (
    <li className="flex items-center gap-3 border-t border-base-300 py-1">
      <span className="grow">
        {name} <span className="quiet block text-sm">{more.filter(Boolean).join(' · ')}</span>
      </span>
      <button
        type="button"
        className="btn btn-ghost btn-sm"
        aria-label={t('actOn', { act: t('anatomy.change'), what: name })}
        onClick={onOpen}
      >
        {t('anatomy.change')}
      </button>
    </li>
  )
}
