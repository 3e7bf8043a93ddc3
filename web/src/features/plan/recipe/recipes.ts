import { queryOptions } from '@tanstack/react-query'
import { api, unwrap, type Schemas } from '@/api/client'

export type RecipeLine = Schemas['RecipeLine']

export const recipesQuery = queryOptions({
  queryKey: ['recipes'],
  queryFn: () => unwrap(api.GET('/api/recipes')),
})

/** A text of a recipe with a word for where its work is on. */
export const spoken = (text: string, place: string) => text.replaceAll('{zone}', place)

/** Without where it is on: what a person changes. */
export const bare = (text: string) => text.replace(/^\{zone\}: |: \{zone\}$/, '')

/** As it was, with where it is on at the end or the beginning where that was. */
export const whole = (text: string, before: string | undefined) =>
  before?.startsWith('{zone}: ') ? `{zone}: ${text}` : text.includes('{zone}') ? text : `${text}: {zone}`
