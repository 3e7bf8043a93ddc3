import { useTranslation } from 'react-i18next'

/** Nobody reads hundreds; the first show what is wrong with the others too. */
const FEW = 20

/** @param why what is wrong with the line, in words */
export type BadLine = { line: number; said: string; why: string }

export function BadLines({ bad }: { bad: BadLine[] }) {
  const { t } = useTranslation()
  return (
    <section role="status" className="border-l-4 border-warning pl-3">
      <p className="font-semibold">{t('list.bad', { count: bad.length })}</p>
      <ul className="text-sm">
        {bad.slice(0, FEW).map((b) => (
          <li key={b.line}>{t(b.said ? 'list.badSaid' : 'list.badLine', b)}</li>
        ))}
      </ul>
      {bad.length > FEW && <p className="quiet text-sm">{t('list.badMore', { count: bad.length - FEW })}</p>}
    </section>
  )
}
