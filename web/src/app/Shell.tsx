import { Suspense } from 'react'
import { useQuery, useQueryClient } from '@tanstack/react-query'
import { Link, NavLink, Outlet, useLocation, useMatch } from 'react-router'
import { useTranslation } from 'react-i18next'
import {
  CalendarDays,
  ChevronLeft,
  Hammer,
  Milestone,
  NotebookPen,
  Package,
  Scale,
  Sun,
  Wallet,
  Warehouse,
  CarFront,
  LogOut,
  Settings2,
  TriangleAlert,
} from 'lucide-react'
import { api, unwrap } from '@/api/client'
import { backupQuery, projectQuery } from '@/api/queries'
import { useRole } from '@/api/useRole'
import { Loading, Notices } from '@/ui/page/Feedback'
import { Offline } from '@/ui/page/Offline'
import { WaitingPhotos } from '@/ui/photos/WaitingPhotos'
import { Settled } from './Settled'

const pages = [
  { to: '', word: 'nav.today', Icon: Sun, phone: true },
  { to: '/walk', word: 'nav.walk', Icon: CarFront, phone: true },
  { to: '/work', word: 'nav.work', Icon: Hammer, phone: true },
  { to: '/parts', word: 'nav.parts', Icon: Package, phone: true },
  { to: '/logbook', word: 'nav.workSessions', Icon: NotebookPen, phone: true },
  { to: '/plan', word: 'nav.plan', Icon: CalendarDays, phone: false },
  { to: '/road', word: 'nav.road', Icon: Milestone, phone: false },
  { to: '/money', word: 'nav.money', Icon: Wallet, phone: false },
] as const

/** What surrounds every page: where one is, and where one can go. On a phone the ways lie at the thumb. */
export function Shell() {
  const { t } = useTranslation()
  const projectId = useMatch('/p/:projectId/*')?.params.projectId
  const { pathname } = useLocation()
  return (
    <div className="min-h-dvh">
      <a href="#content" className="btn btn-primary sr-only focus:not-sr-only focus:absolute focus:z-50">
        {t('skip')}
      </a>
      <header className="no-print border-b-2 border-base-content">
        <div className="mx-auto flex max-w-[78rem] items-center gap-x-3 px-4 py-1 md:gap-x-6 md:px-6">
          <Link to="/" className={`font-answer text-xl font-bold ${projectId ? 'hidden md:inline' : ''}`}>
            Ofisino
          </Link>
          {projectId && <CarName projectId={projectId} />}
          <span className="grow" />
          <Extra {...(projectId ? { projectId } : {})} />
        </div>
        {projectId && <Ways projectId={projectId} />}
      </header>
      <Offline />
      <WaitingPhotos />
      <Suspense fallback={<Loading what={t('signIn.loading')} />}>
        <Settled key={pathname}>
          <Outlet />
        </Settled>
      </Suspense>
      <Notices />
    </div>
  )
}

/** On a phone, where there is no room for more, the car's name is the way to the other cars. */
function CarName({ projectId }: { projectId: string }) {
  const { t } = useTranslation()
  const { data } = useQuery(projectQuery(projectId))
  if (!data) return null
  return (
    <>
      <span className="hidden min-w-0 truncate font-semibold md:inline">{data.vehicleName}</span>
      <Link
        to="/"
        className="flex min-h-11 min-w-0 items-center gap-1 font-semibold md:hidden"
        aria-label={t('actOn', { act: t('nav.cars'), what: data.vehicleName })}
      >
        <ChevronLeft className="size-5 shrink-0" aria-hidden="true" />
        <span className="min-w-0 truncate">{data.vehicleName}</span>
      </Link>
    </>
  )
}

/** The way to the garage warns when its last backup is too old to rely on. */
function ToGarage({ owns }: { owns: boolean }) {
  const { t } = useTranslation()
  const { data: backup } = useQuery({ ...backupQuery, enabled: owns })
  const tooOld = backup?.overdue && (backup.latestAt !== undefined || backup.failure !== undefined)
  const name = t(tooOld ? 'nav.garageUnsaved' : 'nav.garage')
  return (
    <NavLink to="/garage" className="btn btn-ghost btn-square relative" aria-label={name} title={name}>
      <Warehouse className="size-5" aria-hidden="true" />
      {tooOld && <TriangleAlert className="absolute right-0.5 top-0.5 size-4 text-warning" aria-hidden="true" />}
    </NavLink>
  )
}

function Extra({ projectId }: { projectId?: string }) {
  const { t } = useTranslation()
  const { owns } = useRole()
  const queries = useQueryClient()
  const signOut = () => void unwrap(api.POST('/api/sign-out')).then(() => queries.resetQueries())
  return (
    <div className="flex shrink-0 items-center">
      {projectId && (
        <>
          <NavLink
            to={`/p/${projectId}/plan`}
            className="btn btn-ghost btn-square md:hidden"
            aria-label={t('nav.plan')}
          >
            <CalendarDays className="size-5" aria-hidden="true" />
          </NavLink>
          {owns && (
            <NavLink
              to={`/p/${projectId}/money`}
              className="btn btn-ghost btn-square md:hidden"
              aria-label={t('nav.money')}
            >
              <Wallet className="size-5" aria-hidden="true" />
            </NavLink>
          )}
          <NavLink
            to={`/p/${projectId}/car`}
            className="btn btn-ghost btn-square"
            aria-label={t('nav.settings')}
            title={t('nav.settings')}
          >
            <Settings2 className="size-5" aria-hidden="true" />
          </NavLink>
        </>
      )}
      <ToGarage owns={owns} />
      <button
        type="button"
        className="btn btn-ghost btn-square"
        aria-label={t('nav.signOut')}
        title={t('nav.signOut')}
        onClick={signOut}
      >
        <LogOut className="size-5" aria-hidden="true" />
      </button>
    </div>
  )
}

/** A car that is only looked at has a bid where others have a today. */
const bid = { to: '/buying', word: 'nav.bid', Icon: Scale, phone: true } as const

function Ways({ projectId }: { projectId: string }) {
  const { t } = useTranslation()
  const { data: project } = useQuery(projectQuery(projectId))
  const base = `/p/${projectId}`
  const { owns } = useRole()
  const all = project?.state === 'LOOKING' ? [bid, ...pages.slice(1)] : pages
  const shown = owns ? all : all.filter((p) => p.to !== bid.to && p.to !== '/money')
  return (
    <nav
      aria-label={t('nav.label')}
      className="fixed inset-x-0 bottom-0 z-30 border-t-2 border-base-content bg-base-100 md:static md:border-0"
    >
      <ul className="mx-auto grid max-w-[78rem] grid-cols-5 md:flex md:gap-1 md:px-4">
        {shown.map(({ to, word, Icon, phone }) => (
          <li key={to} className={phone ? '' : 'hidden md:block'}>
            <NavLink
              to={base + to}
              end={to === ''}
              className={({ isActive }) =>
                `flex min-h-14 flex-col items-center justify-center gap-0.5 px-1 text-xs md:min-h-11 md:flex-row md:gap-2 md:px-3 md:text-base ${isActive ? 'bg-base-content font-bold text-base-100' : 'hover:bg-base-200'}`
              }
            >
              <Icon className="size-5" aria-hidden="true" />
              {t(word)}
            </NavLink>
          </li>
        ))}
      </ul>
    </nav>
  )
}
