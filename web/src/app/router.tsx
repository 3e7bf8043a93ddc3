import { createBrowserRouter } from 'react-router'
import { BrokenPage, NotFoundPage } from './ErrorPage'
import { Gate } from './Gate'
import { movedRoutes } from './moved'
import { Shell } from './Shell'

// Each page is a file of its own that comes when it is first opened.
export const router = createBrowserRouter([
  {
    path: '/pair',
    HydrateFallback: () => null,
    lazy: async () => ({ Component: (await import('@/features/identity/pairing/PairPage')).PairPage }),
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
            lazy: async () => ({ Component: (await import('@/features/vehicle/project/ProjectsPage')).ProjectsPage }),
          },
          {
            path: '/garage',
            lazy: async () => ({ Component: (await import('@/features/identity/garage/GaragePage')).GaragePage }),
          },
          {
            path: '/p/:projectId',
            lazy: async () => ({ Component: (await import('@/features/roadready/today/TodayPage')).TodayPage }),
          },
          {
            path: '/p/:projectId/road',
            lazy: async () => ({ Component: (await import('@/features/roadready/road/RoadPage')).RoadPage }),
          },
          {
            lazy: async () => ({ Component: (await import('@/features/vehicle/drawing/WalkLayout')).WalkLayout }),
            children: [
              {
                path: '/p/:projectId/walk',
                lazy: async () => ({
                  Component: (await import('@/features/vehicle/drawing/WalkRoundPage')).WalkRoundPage,
                }),
              },
              {
                path: '/p/:projectId/walk/short-look',
                lazy: async () => ({
                  Component: (await import('@/features/vehicle/shortlook/ShortLookPage')).ShortLookPage,
                }),
              },
              {
                path: '/p/:projectId/walk/checks',
                lazy: async () => ({ Component: (await import('@/features/vehicle/check/CheckPage')).CheckPage }),
              },
              {
                path: '/p/:projectId/walk/readings',
                lazy: async () => ({
                  Component: (await import('@/features/vehicle/reading/ReadingsPage')).ReadingsPage,
                }),
              },
              {
                path: '/p/:projectId/walk/structure',
                lazy: async () => ({
                  Component: (await import('@/features/vehicle/structure/StructurePage')).StructurePage,
                }),
              },
              {
                path: '/p/:projectId/walk/fault-codes',
                lazy: async () => ({
                  Component: (await import('@/features/roadready/faultcodes/FaultCodesPage')).FaultCodesPage,
                }),
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
                lazy: async () => ({ Component: (await import('@/features/vehicle/decision/DecidePage')).DecidePage }),
              },
              {
                path: '/p/:projectId/walk/parts',
                lazy: async () => ({ Component: (await import('@/features/vehicle/anatomy/AnatomyPage')).AnatomyPage }),
              },
              {
                path: '/p/:projectId/walk/inventory',
                lazy: async () => ({
                  Component: (await import('@/features/vehicle/inventory/InventoryPage')).InventoryPage,
                }),
              },
              {
                path: '/p/:projectId/walk/second-look',
                lazy: async () => ({
                  Component: (await import('@/features/vehicle/secondlook/SecondLookPage')).SecondLookPage,
                }),
              },
              {
                path: '/p/:projectId/walk/paper',
                lazy: async () => ({ Component: (await import('@/features/vehicle/paper/PaperPage')).PaperPage }),
              },
              {
                path: '/p/:projectId/walk/review',
                lazy: async () => ({ Component: (await import('@/features/vehicle/review/EyesPage')).EyesPage }),
              },
            ],
          },
          {
            path: '/p/:projectId/buying',
            lazy: async () => ({ Component: (await import('@/features/money/buying/BidPage')).BidPage }),
          },
          {
            path: '/p/:projectId/car',
            lazy: async () => ({ Component: (await import('@/features/vehicle/project/CarPage')).CarPage }),
          },
          {
            lazy: async () => ({ Component: (await import('@/features/plan/job/WorkLayout')).WorkLayout }),
            children: [
              {
                path: '/p/:projectId/work',
                lazy: async () => ({ Component: (await import('@/features/plan/job/WorkPage')).WorkPage }),
              },
              {
                path: '/p/:projectId/work/access',
                lazy: async () => ({ Component: (await import('@/features/plan/access/AccessPage')).AccessPage }),
              },
              {
                path: '/p/:projectId/work/order-of-work',
                lazy: async () => ({
                  Component: (await import('@/features/plan/orderofwork/OrderOfWorkPage')).OrderOfWorkPage,
                }),
              },
              {
                path: '/p/:projectId/work/outstanding',
                lazy: async () => ({
                  Component: (await import('@/features/plan/outstanding/OutstandingPage')).OutstandingPage,
                }),
              },
              {
                path: '/p/:projectId/work/clearance',
                lazy: async () => ({
                  Component: (await import('@/features/plan/clearance/ClearancePage')).ClearancePage,
                }),
              },
              {
                path: '/p/:projectId/work/recipes',
                lazy: async () => ({ Component: (await import('@/features/plan/recipe/RecipesPage')).RecipesPage }),
              },
              {
                path: '/p/:projectId/work/labels',
                lazy: async () => ({ Component: (await import('@/features/logbook/label/LabelsPage')).LabelsPage }),
              },
            ],
          },
          {
            lazy: async () => ({ Component: (await import('@/features/plan/schedule/PlanLayout')).PlanLayout }),
            children: [
              {
                path: '/p/:projectId/plan',
                lazy: async () => ({ Component: (await import('@/features/plan/schedule/PlanPage')).PlanPage }),
              },
              {
                path: '/p/:projectId/plan/sent-out',
                lazy: async () => ({ Component: (await import('@/features/plan/sentout/SentOutPage')).SentOutPage }),
              },
            ],
          },
          {
            lazy: async () => ({ Component: (await import('@/features/parts/need/PartsLayout')).PartsLayout }),
            children: [
              {
                path: '/p/:projectId/parts',
                lazy: async () => ({ Component: (await import('@/features/parts/need/PartsPage')).PartsPage }),
              },
              {
                path: '/p/:projectId/parts/market',
                lazy: async () => ({ Component: (await import('@/features/parts/market/MarketPage')).MarketPage }),
              },
              {
                path: '/p/:projectId/parts/donors',
                lazy: async () => ({ Component: (await import('@/features/parts/donor/DonorsPage')).DonorsPage }),
              },
              {
                path: '/p/:projectId/parts/shelf',
                lazy: async () => ({ Component: (await import('@/features/parts/shelf/ShelfPage')).ShelfPage }),
              },
            ],
          },
          {
            path: '/p/:projectId/logbook/how-far',
            lazy: async () => ({
              Component: (await import('@/features/logbook/progress/HowFarPage')).HowFarPage,
            }),
          },
          {
            path: '/p/:projectId/logbook',
            lazy: async () => ({
              Component: (await import('@/features/logbook/worksession/LogbookPage')).LogbookPage,
            }),
          },
          {
            lazy: async () => ({ Component: (await import('@/features/money/budget/MoneyLayout')).MoneyLayout }),
            children: [
              {
                path: '/p/:projectId/money',
                lazy: async () => ({ Component: (await import('@/features/money/budget/MoneyPage')).MoneyPage }),
              },
              {
                path: '/p/:projectId/money/bank',
                lazy: async () => ({ Component: (await import('@/features/money/bank/BankPage')).BankPage }),
              },
              {
                path: '/p/:projectId/money/where',
                lazy: async () => ({ Component: (await import('@/features/money/totals/WherePage')).WherePage }),
              },
              {
                path: '/p/:projectId/money/over-time',
                lazy: async () => ({ Component: (await import('@/features/money/growth/GrowthPage')).GrowthPage }),
              },
              {
                path: '/p/:projectId/money/year',
                lazy: async () => ({ Component: (await import('@/features/money/year/YearPage')).YearPage }),
              },
              {
                path: '/p/:projectId/money/other-ways',
                lazy: async () => ({
                  Component: (await import('@/features/money/otherway/OtherWaysPage')).OtherWaysPage,
                }),
              },
              {
                path: '/p/:projectId/money/keep',
                lazy: async () => ({ Component: (await import('@/features/money/keeping/KeepPage')).KeepPage }),
              },
            ],
          },
          ...movedRoutes,
          { path: '*', element: <NotFoundPage /> },
        ],
      },
    ],
  },
])
