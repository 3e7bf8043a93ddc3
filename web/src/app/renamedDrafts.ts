import { moved } from './moved'

const draft = 'ofisino.draft.'
const sheet = 'ofisino.sheet.'

function keyNow(key: string): string {
  if (key.startsWith(draft)) return draft + key.slice(draft.length).replace(/^evening\./, 'workSession.')
  if (!key.startsWith(sheet)) return key
  // a sheet is kept under the address of its page
  const [, car, page, rest] = key.slice(sheet.length).match(/^(\/p\/[^/]+\/)([^ ?]*)(.*)$/s) ?? []
  return car && page && page in moved ? sheet + car + moved[page as keyof typeof moved] + rest : key
}

/** What was typed before an upgrade was kept under the names of then; it opens under those of now. */
export function renameDrafts(store: Storage) {
  for (const key of Object.keys(store)) {
    const now = keyNow(key)
    if (now === key) continue
    const kept = store.getItem(key)!
    store.setItem(now, key.startsWith(draft) ? kept.replaceAll('"wayIn":', '"access":') : kept)
    store.removeItem(key)
  }
}
