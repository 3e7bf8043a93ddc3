import { useTranslation } from 'react-i18next'

/** One back, or on without an answer. */
export function StepButtons({ at, all, onGo }: { at: number; all: number; onGo: (index: number) => void }) {
  const { t } = useTranslation()
  return (
    <div className="flex justify-between">
      <button type="button" className="btn btn-ghost" disabled={at === 0} onClick={() => onGo(at - 1)}>
        {t('check.back')}
      </button>
      <button type="button" className="btn btn-ghost" disabled={at === all - 1} onClick={() => onGo(at + 1)}>
        {t('check.skip')}
      </button>
    </div>
  )
}
