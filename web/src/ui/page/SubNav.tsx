import { useEffect, useRef } from 'react'
import { NavLink, useLocation } from 'react-router'

/** Several ways to look at one thing, in a line above whichever of them is open. */
export function SubNav({ label, base, ways }: { label: string; base: string; ways: { to: string; name: string }[] }) {
  const { pathname } = useLocation()
  const nav = useRef<HTMLElement>(null)
  // on a phone not all of them fit: the open one is in sight
  useEffect(() => {
    nav.current?.querySelector('[aria-current]')?.scrollIntoView({ inline: 'center', block: 'nearest' })
  }, [pathname])
  return (
    <nav ref={nav} aria-label={label} className="no-print border-b border-base-300">
      <ul className="mx-auto flex max-w-[78rem] gap-1 overflow-x-auto px-4 md:px-6">
        {ways.map(({ to, name }) => (
          <li key={to} className="shrink-0">
            <NavLink
              to={base + to}
              end
              className={({ isActive }) =>
                `flex min-h-11 items-center border-b-4 px-2 ${isActive ? 'border-base-content font-bold' : 'border-transparent hover:bg-base-200'}`
              }
            >
              {name}
            </NavLink>
          </li>
        ))}
      </ul>
    </nav>
  )
}
