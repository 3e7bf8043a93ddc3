import { useEffect, useRef } from 'react'
import { NavLink, Outlet, useLocation, useParams } from 'react-router'
import { useTranslation } from 'react-i18next'

const ways = [
  { to: '', word: 'ways.drawing' },
  { to: '/checks', word: 'ways.checks' },
  { to: '/readings', word: 'ways.readings' },
  { to: '/shell', word: 'ways.shell' },
  { to: '/codes', word: 'ways.codes' },
  { to: '/identity', word: 'ways.identity' },
  { to: '/decide', word: 'ways.decide' },
  { to: '/boxes', word: 'ways.boxes' },
  { to: '/again', word: 'ways.again' },
  { to: '/paper', word: 'ways.paper' },
  { to: '/eyes', word: 'ways.eyes' },
] as const

/** The ways to inspect a vehicle, above whichever of them is open. */
export function WalkLayout() {
  const { t } = useTranslation()
  const { projectId = '' } = useParams()
  const { pathname } = useLocation()
  const nav = useRef<HTMLElement>(null)
  // on a phone not all of them fit: the open one is in sight
  useEffect(() => {
    nav.current?.querySelector('[aria-current]')?.scrollIntoView({ inline: 'center', block: 'nearest' })
  }, [pathname])
  return (
    <>
      <nav ref={nav} aria-label={t('ways.label')} className="no-print border-b border-base-300">
        <ul className="mx-auto flex max-w-[78rem] gap-1 overflow-x-auto px-4 md:px-6">
          {ways.map(({ to, word }) => (
            <li key={to} className="shrink-0">
              <NavLink
                to={`/p/${projectId}/walk${to}`}
                end
                className={({ isActive }) =>
                  `flex min-h-11 items-center border-b-4 px-2 ${isActive ? 'border-base-content font-bold' : 'border-transparent hover:bg-base-200'}`
                }
              >
                {t(word)}
              </NavLink>
            </li>
          ))}
        </ul>
      </nav>
      <Outlet />
    </>
  )
}
