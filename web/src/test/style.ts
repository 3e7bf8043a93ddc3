const GONE = '[hidden], dialog:not([open]), details:not([open]) > :not(summary), template, script, style'

/**
 * What the tests ask of an element's style: whether it is shown and can be pressed. No stylesheet is loaded here, and jsdom would apply the
 * browser's own anew at each question, which takes four tenths of the tests' time.
 */
export function styleOf(element: Element): CSSStyleDeclaration {
  const own = (element as HTMLElement).style
  const said: Partial<CSSStyleDeclaration> = {
    display: element.matches(GONE) ? 'none' : own?.display || 'block',
    visibility: own?.visibility || 'visible',
    opacity: own?.opacity || '1',
    pointerEvents: own?.pointerEvents || 'auto',
    content: '',
  }
  const valueOf = (name: string) => {
    const camel = name.replace(/-([a-z])/g, (_, letter: string) => letter.toUpperCase())
    return String(said[camel as keyof CSSStyleDeclaration] ?? own?.getPropertyValue(name) ?? '')
  }
  return new Proxy(said as CSSStyleDeclaration, {
    get: (known, name) =>
      name === 'getPropertyValue' ? valueOf : name in known ? Reflect.get(known, name) : Reflect.get(own, name, own),
  })
}
