import { queryOptions } from '@tanstack/react-query'
import { useParams } from 'react-router'
import { useTranslation } from 'react-i18next'
import { api, unwrap, type Schemas } from '@/api/client'
import { usePlaceNames } from '@/ui/format/names/zones'

export type RecipeLine = Schemas['RecipeLine']

export const recipesQuery = queryOptions({
  queryKey: ['recipes'],
  queryFn: () => unwrap(api.GET('/api/recipes')),
})

/** Without where it is on: what a person reads and changes. */
export const bare = (text: string) => text.replace(/^\{zone\}: |: \{zone\}$/, '')

/** As it was, with where it is on at the end, or at the beginning where that was. */
export const whole = (text: string, before: string | undefined) =>
  before?.startsWith('{zone}: ') ? `{zone}: ${text}` : text.includes('{zone}') ? text : `${text}: {zone}`

const NAMED = 3

/** What a recipe is called: what it is for, and what is done. "Front brake pads: new pads". */
export function useRecipeName() {
  const { t } = useTranslation()
  const { projectId = '' } = useParams()
  const placeName = usePlaceNames(projectId)
  return (r: RecipeLine) => {
    const natures = r.natures.map((n) => t(`nature.${n as 'seal'}`))
    const all = [...new Set([...r.places.map(placeName).filter(Boolean), ...r.things, ...natures])]
    const what = all.length === 0 ? t('recipes.anything') : all.slice(0, NAMED).join(', ')
    const said = t('recipes.called', { what, more: all.length > NAMED ? ' …' : '', done: bare(r.title) })
    return said.charAt(0).toLocaleUpperCase() + said.slice(1)
  }
}
