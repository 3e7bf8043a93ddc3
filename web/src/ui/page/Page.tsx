import type { ReactNode } from 'react'
import { useTitle } from './useTitle'
import { Words, type Term } from './Words'

/** A page: the answer on top, what it rests on below, the action beside it. */
export function Page({
  title,
  answer,
  action,
  words,
  children,
}: {
  title: string
  answer: ReactNode
  action?: ReactNode
  /** Those of its words that a beginner cannot know. */
  words?: readonly Term[]
  children: ReactNode
}) {
  useTitle(title)
  return (
    <main id="content" className="mx-auto w-full max-w-[78rem] px-4 pb-28 pt-4 md:px-6 md:pb-10">
      <h1 className="quiet mb-1 font-sans text-sm font-semibold">{title}</h1>
      <div className="mb-5 grid gap-3 md:flex md:items-start md:justify-between">
        <div className="answer max-w-5xl">{answer}</div>
        {action && <div className="no-print flex shrink-0 flex-wrap gap-2">{action}</div>}
      </div>
      {children}
      {words && <Words of={words} />}
    </main>
  )
}

/** What follows the one sentence of a headline, in smaller letters. */
export function Further({ children }: { children: ReactNode }) {
  return <span className="quiet mt-1 block font-sans text-base font-normal leading-snug">{children}</span>
}

/** A named part of a page. */
export function Part({ title, children, aside }: { title: string; children: ReactNode; aside?: ReactNode }) {
  return (
    <section className="mb-7">
      <div className="mb-2 flex items-baseline justify-between gap-3 border-b-2 border-base-300 pb-1">
        <h2 className="text-lg font-semibold">{title}</h2>
        {aside}
      </div>
      {children}
    </section>
  )
}
