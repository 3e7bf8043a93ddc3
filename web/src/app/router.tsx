import { createBrowserRouter } from 'react-router'
import { BrokenPage, NotFoundPage } from './ErrorPage'
import { Gate } from './Gate'
import { Shell } from './Shell'

// Each page is a file of its own that comes when it is first opened.
export const router = createBrowserRouter([
  {
    path: '/pair',
    HydrateFallback: () => null,
    lazy: async () => ({ Component: (await import('@/features/identity/PairPage')).PairPage }),
  },
  {
    path: '/review',
    HydrateFallback: () => null,
    lazy: async () => ({ Component: (await import('@/features/vehicle/review/OutsidePage')).OutsidePage }),
  },
  {
    element: <Gate />,
    errorElement: <BrokenPage />,
    HydrateFallback: () => null,
    children: [
      {
        element: <Shell />,
        children: [
          {
            path: '/',
            lazy: async () => ({ Component: (await import('@/features/vehicle/ProjectsPage')).ProjectsPage }),
          },
          {
            path: '/garage',
            lazy: async () => ({ Component: (await import('@/features/identity/GaragePage')).GaragePage }),
          },
          {
            path: '/p/:projectId',
            lazy: async () => ({ Component: (await import('@/features/roadready/TodayPage')).TodayPage }),
          },
          {
            path: '/p/:projectId/road',
            lazy: async () => ({ Component: (await import('@/features/roadready/road/RoadPage')).RoadPage }),
          },
          {
            lazy: async () => ({ Component: (await import('@/features/vehicle/WalkLayout')).WalkLayout }),
            children: [
              {
                path: '/p/:projectId/walk',
                lazy: async () => ({ Component: (await import('@/features/vehicle/WalkRoundPage')).WalkRoundPage }),
              },
              {
                path: '/p/:projectId/walk/short',
                lazy: async () => ({
                  Component: (await import('@/features/vehicle/shortlook/ShortLookPage')).ShortLookPage,
                }),
              },
              {
                path: '/p/:projectId/walk/checks',
                lazy: async () => ({ Component: (await import('@/features/vehicle/CheckPage')).CheckPage }),
              },
              {
                path: '/p/:projectId/walk/readings',
                lazy: async () => ({
                  Component: (await import('@/features/vehicle/readings/ReadingsPage')).ReadingsPage,
                }),
              },
              {
                path: '/p/:projectId/walk/shell',
                lazy: async () => ({ Component: (await import('@/features/vehicle/shell/ShellPage')).ShellPage }),
              },
              {
                path: '/p/:projectId/walk/codes',
                lazy: async () => ({ Component: (await import('@/features/roadready/codes/CodesPage')).CodesPage }),
              },
              {
                path: '/p/:projectId/walk/equipment',
                lazy: async () => ({
                  Component: (await import('@/features/vehicle/equipment/EquipmentPage')).EquipmentPage,
                }),
              },
              {
                path: '/p/:projectId/walk/identity',
                lazy: async () => ({
                  Component: (await import('@/features/vehicle/identity/IdentityPage')).IdentityPage,
                }),
              },
              {
                path: '/p/:projectId/walk/decide',
                lazy: async () => ({ Component: (await import('@/features/vehicle/deciding/DecidePage')).DecidePage }),
              },
              {
                path: '/p/:projectId/walk/boxes',
                lazy: async () => ({ Component: (await import('@/features/vehicle/boxes/BoxesPage')).BoxesPage }),
              },
              {
                path: '/p/:projectId/walk/again',
                lazy: async () => ({
                  Component: (await import('@/features/vehicle/again/SecondVisitPage')).SecondVisitPage,
                }),
              },
              {
                path: '/p/:projectId/walk/paper',
                lazy: async () => ({ Component: (await import('@/features/vehicle/paper/PaperPage')).PaperPage }),
              },
              {
                path: '/p/:projectId/walk/eyes',
                lazy: async () => ({ Component: (await import('@/features/vehicle/review/EyesPage')).EyesPage }),
              },
            ],
          },
          {
            path: '/p/:projectId/bid',
            lazy: async () => ({ Component: (await import('@/features/money/buying/BidPage')).BidPage }),
          },
          {
            path: '/p/:projectId/car',
            lazy: async () => ({ Component: (await import('@/features/vehicle/CarPage')).CarPage }),
          },
          {
            lazy: async () => ({ Component: (await import('@/features/plan/WorkLayout')).WorkLayout }),
            children: [
              {
                path: '/p/:projectId/work',
                lazy: async () => ({ Component: (await import('@/features/plan/WorkPage')).WorkPage }),
              },
              {
                path: '/p/:projectId/work/ways',
                lazy: async () => ({ Component: (await import('@/features/plan/access/AccessPage')).AccessPage }),
              },
              {
                path: '/p/:projectId/work/order',
                lazy: async () => ({ Component: (await import('@/features/plan/order/OrderPage')).OrderPage }),
              },
              {
                path: '/p/:projectId/work/owed',
                lazy: async () => ({ Component: (await import('@/features/plan/owed/OwedPage')).OwedPage }),
              },
              {
                path: '/p/:projectId/work/fits',
                lazy: async () => ({ Component: (await import('@/features/plan/fits/FitsPage')).FitsPage }),
              },
              {
                path: '/p/:projectId/work/labels',
                lazy: async () => ({ Component: (await import('@/features/logbook/labels/LabelsPage')).LabelsPage }),
              },
            ],
          },
          {
            lazy: async () => ({ Component: (await import('@/features/plan/PlanLayout')).PlanLayout }),
            children: [
              {
                path: '/p/:projectId/plan',
                lazy: async () => ({ Component: (await import('@/features/plan/dates/PlanPage')).PlanPage }),
              },
              {
                path: '/p/:projectId/plan/away',
                lazy: async () => ({ Component: (await import('@/features/plan/away/AwayPage')).AwayPage }),
              },
            ],
          },
          {
            path: '/p/:projectId/parts',
            lazy: async () => ({ Component: (await import('@/features/parts/PartsPage')).PartsPage }),
          },
          {
            path: '/p/:projectId/evenings',
            lazy: async () => ({ Component: (await import('@/features/logbook/EveningsPage')).EveningsPage }),
          },
          {
            path: '/p/:projectId/money',
            lazy: async () => ({ Component: (await import('@/features/money/MoneyPage')).MoneyPage }),
          },
          { path: '*', element: <NotFoundPage /> },
        ],
      },
    ],
  },
])
