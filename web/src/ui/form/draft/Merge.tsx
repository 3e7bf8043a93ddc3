import { useTranslation } from 'react-i18next'

export type MergeField<T> = { key: keyof T & string; label: string; show: (value: unknown) => string; text?: boolean }

/**
 * Two windows changed the same thing. Puts one's own words beside those that are stored; for each difference one keeps
 * one's own, takes the other's, or joins two texts. Nothing is lost until one saves.
 */
export function Merge<T extends object>(props: {
  mine: T
  stored: T
  fields: MergeField<T>[]
  onChange: (merged: T) => void
}) {
  const { t } = useTranslation()
  const { mine, stored, fields, onChange } = props
  const different = fields.filter((f) => f.show(mine[f.key]) !== f.show(stored[f.key]))
  return (
    <section aria-label={t('merge.title')} className="my-3 rounded border-2 border-warning p-3">
      <h3 className="font-semibold">{t('merge.title')}</h3>
      <p className="quiet mb-2 text-sm">{t('merge.how')}</p>
      {different.length === 0 && <p>{t('merge.same')}</p>}
      {different.map((f) => (
        <div key={f.key} className="border-t border-base-300 py-2">
          <p className="text-sm font-semibold">{f.label}</p>
          <div className="grid gap-2 sm:grid-cols-2">
            <div>
              <p className="quiet text-sm">{t('merge.mine')}</p>
              <p className="whitespace-pre-wrap">{f.show(mine[f.key]) || '–'}</p>
            </div>
            <div>
              <p className="quiet text-sm">{t('merge.theirs')}</p>
              <p className="whitespace-pre-wrap">{f.show(stored[f.key]) || '–'}</p>
            </div>
          </div>
          <div className="mt-1 flex flex-wrap gap-2">
            <button type="button" className="btn btn-sm" onClick={() => onChange({ ...mine, [f.key]: stored[f.key] })}>
              {t('merge.take')}
            </button>
            {f.text && (
              <button
                type="button"
                className="btn btn-sm"
                onClick={() => onChange({ ...mine, [f.key]: `${String(stored[f.key])}\n${String(mine[f.key])}` })}
              >
                {t('merge.join')}
              </button>
            )}
          </div>
        </div>
      ))}
    </section>
  )
}
