import { useEffect } from 'react'
import { Link } from 'react-router'
import { useTranslation } from 'react-i18next'

export function NotFoundPage() {
  const { t } = useTranslation()
  return <Plain title={t('page.notFoundTitle')} text={t('page.notFound')} />
}

export function BrokenPage() {
  const { t } = useTranslation()
  return <Plain title={t('page.brokenTitle')} text={t('page.broken')} />
}

function Plain({ title, text }: { title: string; text: string }) {
  const { t } = useTranslation()
  useEffect(() => {
    document.title = `${title} · Ofisino`
  }, [title])
  return (
    <main id="content" className="mx-auto max-w-xl p-6">
      <h1 className="answer mb-2">{title}</h1>
      <p className="mb-4">{text}</p>
      <Link className="btn" to="/">
        {t('page.back')}
      </Link>
    </main>
  )
}
