import { useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { garageQuery } from '@/api/queries'
import { useRole } from '@/api/useRole'
import { Loaded } from '@/ui/page/Feedback'
import { Page, Part } from '@/ui/page/Page'
import { Backup } from './Backup'
import { Calendar } from './Calendar'
import { DaysOff } from './DaysOff'
import { HiredTools } from './HiredTools'
import { LanguageChoice } from './LanguageChoice'
import { UnitChoice } from './UnitChoice'
import { LastChanges } from './LastChanges'
import { OwnPassword } from '../account/OwnPassword'
import { PairPhone } from '../pairing/PairPhone'
import { People } from '../account/People'
import { Places } from './Places'
import { Prices } from './Prices'
import { SignIns } from '../account/SignIns'
import { Premises } from './Premises'
import { SupplierDays } from './SupplierDays'

/** What belongs to the garage and not to one car: time, places, people, phones. */
export function GaragePage() {
  const { t } = useTranslation()
  const garage = useQuery(garageQuery)
  const { owns, works } = useRole()
  return (
    <Loaded query={garage} what={t('garage.loading')}>
      {(g) => (
        <Page
          title={t('garage.title')}
          answer={t('garage.answer', { name: g.name, currency: g.baseCurrency, zone: g.zone })}
        >
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
              {works && (
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
