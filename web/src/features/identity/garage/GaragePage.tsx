import { useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import type { Schemas } from '@/api/client'
import { garageQuery } from '@/api/queries'
import { useRole } from '@/api/useRole'
import { Loaded } from '@/ui/page/Feedback'
import { Page, Part } from '@/ui/page/Page'
import { hours } from '@/ui/format/format'
import { Backup } from './Backup'
import { Calendar } from './calendar/Calendar'
import { DaysOff } from './calendar/DaysOff'
import { HiredTools } from './premises/HiredTools'
import { LanguageChoice } from './LanguageChoice'
import { UnitChoice } from './UnitChoice'
import { LastChanges } from './LastChanges'
import { OwnPassword } from '../account/OwnPassword'
import { PairPhone } from '../pairing/PairPhone'
import { People } from '../account/People'
import { Places } from './premises/Places'
import { Prices } from './Prices'
import { SignIns } from '../account/SignIns'
import { Premises } from './premises/Premises'
import { SupplierDays } from './calendar/SupplierDays'
import { calendarQuery, minutesAWeek } from './calendar/week'

/** What all dates rest on. */
function GarageAnswer({ garage, works }: { garage: Schemas['GarageResponse']; works: boolean }) {
  const { t } = useTranslation()
  const { data } = useQuery({ ...calendarQuery, enabled: works })
  const minutes = data && minutesAWeek(data.windows)
  const time =
    minutes === undefined ? '' : minutes > 0 ? t('garage.timeSet', { hours: hours(minutes) }) : t('garage.noTimeSet')
  return (
    <>
      {garage.name}
      {time && `: ${time}`}{' '}
      <span className="quiet text-base">
        {t('garage.moneyAndZone', { currency: garage.baseCurrency, zone: garage.zone })}
      </span>
    </>
  )
}

/** What belongs to the garage and not to one car: time, places, people, phones. */
export function GaragePage() {
  const { t } = useTranslation()
  const garage = useQuery(garageQuery)
  const { owns, works } = useRole()
  return (
    <Loaded query={garage} what={t('garage.loading')}>
      {(g) => (
        <Page title={t('garage.title')} answer={<GarageAnswer garage={g} works={works} />}>
          <div className="grid gap-x-10 lg:grid-cols-2">
            <div>
              {works && (
                <Part title={t('garage.time')}>
                  <Calendar />
                  <DaysOff />
                </Part>
              )}
              {owns && (
                <Part title={t('garage.prices')}>
                  <Prices key={g.version} garage={g} />
                </Part>
              )}
              <Part title={t('language.title')}>
                <LanguageChoice />
                <UnitChoice />
              </Part>
              <Part title={t('garage.phone')}>
                <PairPhone />
              </Part>
              <Part title={t('garage.people')}>
                <People members={g.members} owns={owns} />
                <OwnPassword />
              </Part>
              {owns && (
                <Part title={t('backup.title')}>
                  <Backup />
                </Part>
              )}
            </div>
            <div>
              <Part title={t('signIns.title')}>
                <SignIns />
              </Part>
              {works && (
                <Part title={t('premises.title')}>
                  <Premises />
                </Part>
              )}
              {owns && (
                <Part title={t('hired.title')}>
                  <HiredTools currency={g.baseCurrency} />
                </Part>
              )}
              <Part title={t('garage.places')}>
                <Places />
              </Part>
              {owns && (
                <Part title={t('garage.supplierDays')}>
                  <SupplierDays />
                </Part>
              )}
              <Part title={t('garage.changes')}>
                <LastChanges />
              </Part>
            </div>
          </div>
        </Page>
      )}
    </Loaded>
  )
}
