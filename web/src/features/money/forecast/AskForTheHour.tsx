import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import { Trans } from 'react-i18next'
import { garageQuery } from '@/api/queries'
import { Further } from '@/ui/page/Page'
import type { Forecast } from './queries'

/** Without the price level of the place no finding has an estimate: where one says it. */
export function AskForTheHour({ forecast }: { forecast: Forecast }) {
  const { data: garage } = useQuery(garageQuery)
  if (!garage || garage.workshopHourMinor !== undefined || forecast.unestimated === 0) return null
  return (
    <Further>
      <Trans i18nKey="forecast.sayTheHour" components={{ there: <Link className="link" to="/garage" /> }} />
    </Further>
  )
}
