import { millisecondsInDay } from 'date-fns/constants'

/** What was typed into one field, and what stood there before: only over the same words is it put back. */
type Typed = { before: string; now: string }
type Field = HTMLInputElement | HTMLTextAreaElement | HTMLSelectElement

const KEPT_DAYS = 14
const LATE_FIELDS_MS = 5_000
const never = ['password', 'file', 'hidden', 'submit', 'button', 'search']

const isField = (element: EventTarget | null): element is Field =>
  element instanceof HTMLTextAreaElement ||
  element instanceof HTMLSelectElement ||
  (element instanceof HTMLInputElement && !never.includes(element.type))

const valueOf = (f: Field) =>
  f instanceof HTMLInputElement && (f.type === 'checkbox' || f.type === 'radio') ? String(f.checked) : f.value

/** By its label, and the how manieth of those with the same one. */
function nameOf(field: Field, root: HTMLElement): string {
  const label = (f: Field) => `${f.tagName} ${f.labels?.[0]?.textContent ?? f.getAttribute('aria-label') ?? f.name}`
  const same = fieldsOf(root).filter((f) => label(f) === label(field))
  return `${label(field)} ${same.indexOf(field)}`
}

const fieldsOf = (root: HTMLElement): Field[] =>
  [...root.querySelectorAll<Field>('input, textarea, select')].filter((f) => isField(f))

/** As a person types it, so that the form behind takes note. */
function type(field: Field, value: string) {
  if (field instanceof HTMLInputElement && (field.type === 'checkbox' || field.type === 'radio')) {
    if (String(field.checked) !== value) field.click()
    return
  }
  const prototype = Object.getPrototypeOf(field) as object
  Object.getOwnPropertyDescriptor(prototype, 'value')!.set!.call(field, value)
  field.dispatchEvent(new Event(field instanceof HTMLSelectElement ? 'change' : 'input', { bubbles: true }))
}

/**
 * Keeps what is typed in a sheet on this device, so that it survives a page that is loaded anew or a telephone that falls asleep, and puts it
 * back when the same sheet opens. What has changed in the garage meanwhile is not written over.
 *
 * @param name of the sheet; the address and the title say which it is
 * @returns ends it; what was typed is thrown away when the sheet was closed, and kept when the page went
 */
export function keepDraft(root: HTMLElement, name: string): () => void {
  const key = `ofisino.sheet.${name}`
  const typed = read(key)
  const first = new WeakMap<Field, string>()
  const waiting = new Map(Object.entries(typed))

  const putBack = () => {
    for (const field of fieldsOf(root)) {
      if (!first.has(field)) first.set(field, valueOf(field))
      const kept = waiting.get(nameOf(field, root))
      if (kept === undefined) continue
      waiting.delete(nameOf(field, root))
      if (valueOf(field) === kept.before) type(field, kept.now)
    }
  }
  const note = (event: Event) => {
    if (!isField(event.target)) return
    const field = event.target
    typed[nameOf(field, root)] = { before: first.get(field) ?? '', now: valueOf(field) }
    localStorage.setItem(key, JSON.stringify({ at: Date.now(), typed }))
  }

  putBack()
  root.addEventListener('input', note)
  root.addEventListener('change', note)
  // fields that come when others are filled in
  const late = new MutationObserver(putBack)
  late.observe(root, { childList: true, subtree: true })
  const enough = setTimeout(() => waiting.clear(), LATE_FIELDS_MS)
  return () => {
    clearTimeout(enough)
    late.disconnect()
    root.removeEventListener('input', note)
    root.removeEventListener('change', note)
    // in development React takes each sheet away once and puts it back: only one that is gone is closed
    setTimeout(() => {
      if (!root.isConnected) localStorage.removeItem(key)
    })
  }
}

function read(key: string): Record<string, Typed> {
  const kept = localStorage.getItem(key)
  if (!kept) return {}
  const { at, typed } = JSON.parse(kept) as { at: number; typed: Record<string, Typed> }
  return Date.now() - at < KEPT_DAYS * millisecondsInDay ? typed : {}
}
