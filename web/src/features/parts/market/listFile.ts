export type ListedPart = { title: string; amount: string; most: string | undefined; facts: readonly string[] }

const escaped = (text: string) => text.replace(/[&<>"']/g, (c) => `&#${c.charCodeAt(0)};`)

/** The list as one file that any browser opens without a line: boxes to tick, nothing fetched. */
export function listFile(title: string, note: string, language: string, parts: readonly ListedPart[]): string {
  const lines = parts.map(
    (p, i) =>
      `<li><label><input type="checkbox" id="p${i}"> <b>${escaped(p.title)}</b> ${escaped(p.amount)}` +
      (p.most ? ` <i>${escaped(p.most)}</i>` : '') +
      '</label>' +
      p.facts.map((f) => `<br><small>${escaped(f)}</small>`).join('') +
      '</li>',
  )
  return [
    `<!doctype html><html lang="${escaped(language)}"><meta charset="utf-8">`,
    '<meta name="viewport" content="width=device-width, initial-scale=1">',
    `<title>${escaped(title)}</title>`,
    '<style>body{font:18px/1.5 sans-serif;margin:1rem}li{list-style:none;padding:.6rem 0;border-bottom:1px solid #999}',
    'ul{padding:0}input{width:1.4rem;height:1.4rem;vertical-align:middle}</style>',
    `<h1>${escaped(title)}</h1><p>${escaped(note)}</p><ul>${lines.join('')}</ul></html>`,
  ].join('\n')
}
