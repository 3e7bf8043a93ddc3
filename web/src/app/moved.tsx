import { Navigate, useLocation, useParams } from 'react-router'

/** Pages of a car that were called otherwise: a bookmark or a link in a note still leads there. */
export const moved = {
  bid: 'buying',
  evenings: 'logbook',
  'plan/away': 'plan/sent-out',
  'walk/short': 'walk/short-look',
  'walk/shell': 'walk/structure',
  'walk/codes': 'walk/fault-codes',
  'walk/boxes': 'walk/inventory',
  'walk/again': 'walk/second-look',
  'walk/eyes': 'walk/review',
  'work/ways': 'work/access',
  'work/order': 'work/order-of-work',
  'work/owed': 'work/outstanding',
  'work/fits': 'work/clearance',
}

function Moved({ to }: { to: string }) {
  const { projectId } = useParams()
  const { search, hash } = useLocation()
  return <Navigate replace to={{ pathname: `/p/${projectId}/${to}`, search, hash }} />
}

export const movedRoutes = Object.entries(moved).map(([from, to]) => ({
  path: `/p/:projectId/${from}`,
  element: <Moved to={to} />,
}))
