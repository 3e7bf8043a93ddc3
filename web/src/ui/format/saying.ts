/**
 * A language beside British English, in which everything is written: the words that it has for British ones, and the texts that it says
 * otherwise as a whole. The server reads the same file for its own texts.
 */
export type LanguageFile = { name: string; terms: Record<string, string>; sentences: Record<string, string> }

/** Says a text of the program in that language: whole words, a capital stays one, the article fits, what is put in later stays. */
export function sayer({ terms, sentences }: Pick<LanguageFile, 'terms' | 'sentences'>): (text: string) => string {
  if (Object.keys(terms).length === 0) return (text) => sentences[text] ?? text
  const longestFirst = Object.keys(terms).sort((a, b) => b.length - a.length)
  const found = new RegExp(`(\\{\\{\\w+\\}\\})|(?:\\b(an?)( +))?\\b(${longestFirst.join('|')})\\b`, 'gi')
  return (text) =>
    sentences[text] ??
    text.replace(found, (whole, placeholder?: string, article?: string, space?: string, term?: string) => {
      if (placeholder !== undefined || term === undefined) return whole
      const plain = terms[term] ?? terms[term.toLowerCase()]!
      const said = term[0] === term[0]!.toLowerCase() ? plain : plain[0]!.toUpperCase() + plain.slice(1)
      if (article === undefined) return said
      return `${article[0]}${/^[aeiou]/i.test(said) && !said.startsWith('U-') ? 'n' : ''}${space}${said}`
    })
}
