import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { Sheet } from '@/ui/form/Sheet'
import { asFile } from '@/ui/list/asFile'
import { ChooseList } from '@/ui/list/ChooseList'
import { picksOf } from '@/ui/list/columnPicks'
import { TakeList, type Reading } from '@/ui/list/TakeList'
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
  const [reading, setReading] = useState<Reading<Meaning>>(() => ({
    picks: picksOf(meanings, look.columns, look.header.length),
    decimals: look.decimals,
  }))
  const [bad, setBad] = useState<Schemas['BadLine'][]>([])
  const columns = priceColumns(reading.picks)
  const take = useWrite(
    ({ withoutBad, at }: { withoutBad: boolean; at: Columns }, id) =>
      unwrap(
        api.POST('/api/suppliers/{id}/list', {
          params: { path: { id: seller.id }, query: { ...at, decimals: reading.decimals, withoutBad } },
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
  return (
    <Sheet title={t('priceList.title', { seller: seller.name })} onClose={onClose}>
      <TakeList
        look={look}
        meanings={Object.fromEntries(meanings.map((m) => [m, t(`priceList.is.${m}`)])) as Record<Meaning, string>}
        reading={reading}
        onReading={(now) => {
          setBad([])
          setReading(now)
        }}
        missing={columns ? undefined : t('priceList.missing')}
        bad={bad.map((b) => ({ ...b, why: t(`priceList.why.${b.why}`) }))}
        taking={take}
        onTake={() => columns && take.mutate({ withoutBad: bad.length > 0, at: columns })}
      />
    </Sheet>
  )
}
