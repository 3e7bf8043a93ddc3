import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { Sheet } from '@/ui/form/Sheet'
import { asFile } from '@/ui/list/asFile'
import { ChooseList } from '@/ui/list/ChooseList'
import { BankTaking } from './BankTaking'

/** A list of the bank: looked at, its columns named, and its payments read, with every bad line said. */
export function BankImport({ onClose }: { onClose: () => void }) {
  const { t } = useTranslation()
  const [file, setFile] = useState<Blob>()
  const [look, setLook] = useState<Schemas['BankLookResponse']>()
  const looked = useWrite((from: Blob, id) => unwrap(api.POST('/api/bank/look', asFile(from, write(id).headers))), {
    done: (found, from) => {
      setFile(from)
      setLook(found)
    },
  })
  return (
    <Sheet title={t('bank.list')} onClose={onClose}>
      {file && look ? (
        <BankTaking file={file} look={look} onClose={onClose} />
      ) : (
        <ChooseList how={t('bank.how')} looking={looked} onList={(list) => looked.mutate(list)} />
      )}
    </Sheet>
  )
}
