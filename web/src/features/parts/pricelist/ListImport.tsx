import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { Sheet } from '@/ui/form/Sheet'
import { asFile } from '@/ui/list/asFile'
import { BadLines } from '@/ui/list/BadLines'
import { ChooseList } from '@/ui/list/ChooseList'
import { ColumnPicks } from '@/ui/list/ColumnPicks'
import { picksOf, type Picks } from '@/ui/list/columnPicks'
import { ProblemAlert } from '@/ui/page/Feedback'
import { meanings, priceColumns, type Columns, type Meaning } from './columns'

type Look = Schemas['ListLookResponse']

/** A seller's list: looked at, its columns named, and taken, with every bad line said. */
export function ListImport({ seller, onClose }: { seller: Schemas['Supplier']; onClose: () => void }) {
  const { t } = useTranslation()
  const [file, setFile] = useState<Blob>()
  const [look, setLook] = useState<Look>()
  const path = { params: { path: { id: seller.id } } }
  const looked = useWrite(
    (from: Blob, id) =>
      unwrap(api.POST('/api/suppliers/{id}/list/look', { ...path, ...asFile(from, write(id).headers) })),
    {
      done: (found, from) => {
        setFile(from)
        setLook(found)
      },
    },
  )
  if (file && look) return <Taking seller={seller} file={file} look={look} onClose={onClose} />
  return (
    <Sheet title={t('priceList.title', { seller: seller.name })} onClose={onClose}>
      <ChooseList how={t('priceList.how')} looking={looked} onList={(list) => looked.mutate(list)} />
    </Sheet>
  )
}

function Taking({
  seller,
  file,
  look,
  onClose,
}: {
  seller: Schemas['Supplier']
  file: Blob
  look: Look
  onClose: () => void
}) {
  const { t } = useTranslation()
  const [chosen, setChosen] = useState<Picks<Meaning>>(() => picksOf(meanings, look.columns, look.header.length))
  const [decimals, setDecimals] = useState(look.decimals)
  const [bad, setBad] = useState<Schemas['BadLine'][]>([])
  const columns = priceColumns(chosen)
  const take = useWrite(
    ({ withoutBad, at }: { withoutBad: boolean; at: Columns }, id) =>
      unwrap(
        api.POST('/api/suppliers/{id}/list', {
          params: { path: { id: seller.id }, query: { ...at, decimals, withoutBad } },
          ...asFile(file, write(id).headers),
        }),
      ),
    {
      undoable: false,
      said: (_, { taken }) => (taken > 0 ? t('priceList.taken', { count: taken, seller: seller.name }) : undefined),
      done: ({ taken, bad: found }, { withoutBad }) => {
        if (taken > 0 || withoutBad) onClose()
        else setBad(found)
      },
    },
  )
  const press = (withoutBad: boolean) => () => columns && take.mutate({ withoutBad, at: columns })
  return (
    <Sheet title={t('priceList.title', { seller: seller.name })} onClose={onClose}>
      <div className="grid gap-3">
        <p>
          {t('list.lines', { count: look.lines })} {look.remembered && t('list.remembered')}
        </p>
        <ColumnPicks
          look={look}
          meanings={Object.fromEntries(meanings.map((m) => [m, t(`priceList.is.${m}`)])) as Record<Meaning, string>}
          chosen={chosen}
          onChoose={(now) => {
            setBad([])
            setChosen(now)
          }}
          decimals={decimals}
          onDecimals={(d) => {
            setBad([])
            setDecimals(d)
          }}
        />
        {!columns && <p className="font-semibold">{t('priceList.missing')}</p>}
        {bad.length > 0 && <BadLines bad={bad.map((b) => ({ ...b, why: t(`priceList.why.${b.why}`) }))} />}
        <ProblemAlert error={take.error} />
        <div className="flex flex-wrap gap-2">
          <button
            type="button"
            className="btn btn-primary"
            disabled={!columns || take.isPending}
            onClick={press(bad.length > 0)}
          >
            {bad.length > 0 ? t('list.takeOthers') : t('list.take')}
          </button>
        </div>
      </div>
    </Sheet>
  )
}
