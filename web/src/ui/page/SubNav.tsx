import { useEffect, useRef } from 'react'
import { NavLink, useLocation } from 'react-router'

export type Way = { to: string; name: string }

/** Several ways to look at one thing, in a line above whichever of them is open. */
export function SubNav({ label, base, ways }: { label: string; base: string; ways: Way[] }) {
  return (
    <Bar label={label}>
      {ways.map((way) => (
        <WayLink key={way.to} base={base} way={way} />
      ))}
    </Bar>
  )
}

export type WayGroup = { name: string; ways: Way[] }

/** Too many ways for one line: of the group that is open all of them, of the others their name, which leads to the first. */
export function GroupedSubNav({ label, base, groups }: { label: string; base: string; groups: WayGroup[] }) {
  const { pathname } = useLocation()
  const isOpen = (way: Way) => (way.to === '' ? pathname === base : pathname.startsWith(base + way.to))
  const open = groups.find((g) => g.ways.some(isOpen)) ?? groups[0]!
  return (
    <Bar label={label}>
      {groups.map((g) =>
        g === open ? (
          g.ways.map((way) => <WayLink key={way.to} base={base} way={way} />)
        ) : (
          <li key={g.name} className="shrink-0 border-l border-base-300">
            <NavLink
              to={base + g.ways[0]!.to}
              className="flex min-h-11 items-center border-b-4 border-transparent px-3 italic hover:bg-base-200"
            >
              {g.name} …
            </NavLink>
          </li>
        ),
      )}
    </Bar>
  )
}

function Bar({ label, children }: { label: string; children: React.ReactNode }) {
  const { pathname } = useLocation()
  const nav = useRef<HTMLElement>(null)
  // on a phone not all of them fit: the open one is in sight
  useEffect(() => {
    nav.current?.querySelector('[aria-current]')?.scrollIntoView({ inline: 'center', block: 'nearest' })
  }, [pathname])
  return (
    <nav ref={nav} aria-label={label} className="no-print border-b border-base-300">
      <ul className="mx-auto flex max-w-[78rem] gap-1 overflow-x-auto px-4 md:px-6">{children}</ul>
    </nav>
  )
}

function WayLink({ base, way }: { base: string; way: Way }) {
  return (
    <li className="shrink-0">
      <NavLink
        to={base + way.to}
        end
        className={({ isActive }) =>
          `flex min-h-11 items-center border-b-4 px-2 ${isActive ? 'border-base-content font-bold' : 'border-transparent hover:bg-base-200'}`
        }
      >
        {way.name}
      </NavLink>
    </li>
  )
}
