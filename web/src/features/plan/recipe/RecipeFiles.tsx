import { useQueryClient } from '@tanstack/react-query'
import { useId } from 'react'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { ProblemAlert } from '@/ui/page/Feedback'

/** The garage's own recipes as a file, to be given to others, and those of others read. */
export function RecipeFiles({ some }: { some: boolean }) {
  const { t } = useTranslation()
  const queries = useQueryClient()
  const file = useId()
  const read = useWrite(
    (text: string, id) => unwrap(api.POST('/api/own-recipes/file', { body: { text }, ...write(id) })),
    { said: (_, answer) => t('recipes.file.done', { count: answer.count }) },
  )
  const save = async () => {
    const { text } = await queries.fetchQuery({
      queryKey: ['recipeFile'],
      queryFn: () => unwrap(api.GET('/api/own-recipes/file')),
    })
    const link = document.createElement('a')
    link.href = URL.createObjectURL(new Blob([text], { type: 'application/yaml' }))
    link.download = t('recipes.file.name')
    link.click()
    URL.revokeObjectURL(link.href)
  }
  return (
    <section className="mt-8 grid gap-3" aria-label={t('recipes.file.title')}>
      <h2 className="text-lg font-semibold">{t('recipes.file.title')}</h2>
      {some ? (
        <div>
          <button type="button" className="btn" onClick={() => void save()}>
            {t('recipes.file.save')}
          </button>
        </div>
      ) : (
        <p>{t('recipes.file.none')}</p>
      )}
      <div>
        <label htmlFor={file} className="block font-semibold">
          {t('recipes.file.read')}
        </label>
        <input
          id={file}
          type="file"
          accept=".yaml,.yml,text/yaml,application/yaml"
          className="file-input mt-1"
          disabled={read.isPending}
          onChange={(e) => {
            const chosen = e.target.files?.[0]
            if (chosen) void chosen.text().then((text) => read.mutate(text))
            e.target.value = ''
          }}
        />
      </div>
      <ProblemAlert error={read.error} />
    </section>
  )
}
