import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { NoteField } from '@/ui/form/Field'
import { Sheet } from '@/ui/form/Sheet'
import { ProblemAlert } from '@/ui/page/Feedback'
import { asFile } from './asFile'
import { BadLines } from './BadLines'
import { ColumnPicks } from './ColumnPicks'
import { columnsOf, meaningsOf, withMeaning, type Columns, type Meaning } from './columns'

type Look = Schemas['ListLookResponse']

/** A seller's list: looked at, its columns named, and taken, with every bad line said. */
export function ListImport({ seller, onClose }: { seller: Schemas['Supplier']; onClose: () => void }) {
  const { t } = useTranslation()
  const [file, setFile] = useState<Blob>()
  const [pasted, setPasted] = useState('')
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
    <Sheet title={t('list.title', { seller: seller.name })} onClose={onClose}>
      <div className="grid gap-3">
        <p className="quiet text-sm">{t('list.how')}</p>
        <label className="grid gap-1 text-sm font-semibold">
          {t('list.file')}
          <input
            type="file"
            accept=".csv,.txt,.tsv,text/*"
            className="file-input w-full"
            onChange={(e) => {
              const chosen = e.target.files?.[0]
              if (chosen) looked.mutate(chosen)
            }}
          />
        </label>
        <NoteField label={t('list.paste')} rows={5} value={pasted} onChange={(e) => setPasted(e.target.value)} />
        <ProblemAlert error={looked.error} />
        <div>
          <button
            type="button"
            className="btn btn-primary"
            disabled={pasted.trim() === '' || looked.isPending}
            onClick={() => looked.mutate(new Blob([pasted]))}
          >
            {t('list.look')}
          </button>
        </div>
      </div>
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
  const [chosen, setChosen] = useState<(Meaning | undefined)[]>(() => meaningsOf(look.columns, look.header.length))
  const [decimals, setDecimals] = useState(look.decimals)
  const [bad, setBad] = useState<Schemas['BadLine'][]>([])
  const columns = columnsOf(chosen)
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
      said: (_, { taken }) => (taken > 0 ? t('list.taken', { count: taken, seller: seller.name }) : undefined),
      done: ({ taken, bad: found }, { withoutBad }) => {
        if (taken > 0 || withoutBad) onClose()
        else setBad(found)
      },
    },
  )
  const press = (withoutBad: boolean) => () => columns && take.mutate({ withoutBad, at: columns })
  return (
    <Sheet title={t('list.title', { seller: seller.name })} onClose={onClose}>
      <div className="grid gap-3">
        <p>
          {t('list.lines', { count: look.lines })} {look.remembered && t('list.remembered')}
        </p>
        <ColumnPicks
          look={look}
          chosen={chosen}
          onChoose={(column, meaning) => {
            setBad([])
            setChosen(withMeaning(chosen, column, meaning))
          }}
          decimals={decimals}
          onDecimals={(d) => {
            setBad([])
            setDecimals(d)
          }}
        />
        {!columns && <p className="font-semibold">{t('list.missing')}</p>}
        {bad.length > 0 && <BadLines bad={bad} />}
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
