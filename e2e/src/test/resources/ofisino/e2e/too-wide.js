/* What is cut off or pushes the page over the edge of the screen; if asked, with every word 40 % longer. The page is put back as it was. */
(longer) => {
  const texts = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT)
  const before = []
  while (texts.nextNode()) before.push([texts.currentNode, texts.currentNode.nodeValue])
  const say = (text) => text.replace(/\p{L}+/gu, (word) => word + 'ö'.repeat(Math.ceil(word.length * 0.4)))
  if (longer) for (const [node, text] of before) node.nodeValue = say(text)
  const over = document.documentElement.scrollWidth - document.documentElement.clientWidth
  const cut = [...document.querySelectorAll('body *')].filter((e) => {
    const style = getComputedStyle(e)
    const hides = ['hidden', 'clip'].includes(style.overflowX)
    const ofAPerson = style.textOverflow === 'ellipsis' || e.tagName === 'SELECT' // a title as long as somebody likes
    return hides && !ofAPerson && e.clientWidth > 1 && e.scrollWidth > e.clientWidth + 1 && e.innerText?.trim()
  })
  const found = [...(over > 0 ? [`the page, by ${over} px`] : []), ...cut.map((e) => `${e.tagName}: ${e.innerText}`)]
  if (longer) for (const [node, text] of before) node.nodeValue = text
  return found
}
