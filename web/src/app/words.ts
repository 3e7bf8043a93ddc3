import { common } from './words/common'
import { accountWords } from '@/features/identity/account/words'
import { garageWords } from '@/features/identity/garage/words'
import { pairingWords } from '@/features/identity/pairing/words'
import { labelWords } from '@/features/logbook/label/words'
import { progressWords } from '@/features/logbook/progress/words'
import { worksessionWords } from '@/features/logbook/worksession/words'
import { bankWords } from '@/features/money/bank/words'
import { budgetWords } from '@/features/money/budget/words'
import { buyingWords } from '@/features/money/buying/words'
import { gainWords } from '@/features/money/gain/words'
import { growthWords } from '@/features/money/growth/words'
import { keepingWords } from '@/features/money/keeping/words'
import { otherWayWords } from '@/features/money/otherway/words'
import { ownStockWords } from '@/features/money/ownstock/words'
import { monthsWords } from '@/features/money/months/words'
import { totalsWords } from '@/features/money/totals/words'
import { wasteWords } from '@/features/money/waste/words'
import { forecastWords } from '@/features/money/forecast/words'
import { ledgerWords } from '@/features/money/ledger/words'
import { askingWords } from '@/features/parts/asking/words'
import { basketWords } from '@/features/parts/basket/words'
import { needWords } from '@/features/parts/need/words'
import { marketWords } from '@/features/parts/market/words'
import { deliveryWords } from '@/features/parts/delivery/words'
import { taskWords } from '@/features/parts/task/words'
import { donorWords } from '@/features/parts/donor/words'
import { pricelistWords } from '@/features/parts/pricelist/words'
import { searchWords } from '@/features/parts/search/words'
import { conversionWords } from '@/features/parts/conversion/words'
import { shelfWords } from '@/features/parts/shelf/words'
import { supplierWords } from '@/features/parts/supplier/words'
import { sourceWords } from '@/features/parts/source/words'
import { accessWords } from '@/features/plan/access/words'
import { clearanceWords } from '@/features/plan/clearance/words'
import { conditionWords } from '@/features/plan/condition/words'
import { fallbackWords } from '@/features/plan/fallback/words'
import { jobWords } from '@/features/plan/job/words'
import { orderofworkWords } from '@/features/plan/orderofwork/words'
import { outstandingWords } from '@/features/plan/outstanding/words'
import { anatomyWords } from '@/features/vehicle/anatomy/words'
import { riskWords } from '@/features/plan/risk/words'
import { recipeWords } from '@/features/plan/recipe/words'
import { reachWords } from '@/features/plan/reach/words'
import { givenAwayWords } from '@/features/plan/givenaway/words'
import { jobCostWords } from '@/features/money/jobcost/words'
import { yearWords } from '@/features/money/year/words'
import { madeWords } from '@/features/plan/made/words'
import { toHandWords } from '@/features/plan/tohand/words'
import { scheduleWords } from '@/features/plan/schedule/words'
import { scopeWords } from '@/features/plan/scope/words'
import { sentoutWords } from '@/features/plan/sentout/words'
import { faultcodesWords } from '@/features/roadready/faultcodes/words'
import { roadWords } from '@/features/roadready/road/words'
import { todayWords } from '@/features/roadready/today/words'
import { checkWords } from '@/features/vehicle/check/words'
import { decisionWords } from '@/features/vehicle/decision/words'
import { drawingWords } from '@/features/vehicle/drawing/words'
import { equipmentWords } from '@/features/vehicle/equipment/words'
import { estimateWords } from '@/features/vehicle/estimate/words'
import { eventWords } from '@/features/vehicle/event/words'
import { findingWords } from '@/features/vehicle/finding/words'
import { identityWords } from '@/features/vehicle/identity/words'
import { inventoryWords } from '@/features/vehicle/inventory/words'
import { measurandWords } from '@/features/vehicle/measurand/words'
import { paperWords } from '@/features/vehicle/paper/words'
import { projectWords } from '@/features/vehicle/project/words'
import { readingWords } from '@/features/vehicle/reading/words'
import { reviewWords } from '@/features/vehicle/review/words'
import { secondlookWords } from '@/features/vehicle/secondlook/words'
import { shortlookWords } from '@/features/vehicle/shortlook/words'
import { sleepWords } from '@/features/vehicle/sleep/words'
import { structureWords } from '@/features/vehicle/structure/words'
import { listWords } from '@/ui/list/words'
import { trade } from './words/trade'

/** All words of the interface, each beside its topic. {{name}} is put in; _one and _other are chosen by the number `count`. */
export const words = {
  ...common,
  ...accountWords,
  ...garageWords,
  ...pairingWords,
  ...labelWords,
  ...progressWords,
  ...worksessionWords,
  ...bankWords,
  ...budgetWords,
  ...buyingWords,
  ...growthWords,
  ...gainWords,
  ...keepingWords,
  ...monthsWords,
  ...ownStockWords,
  ...otherWayWords,
  ...totalsWords,
  ...wasteWords,
  ...forecastWords,
  ...ledgerWords,
  ...needWords,
  ...askingWords,
  ...deliveryWords,
  ...marketWords,
  ...taskWords,
  ...donorWords,
  ...pricelistWords,
  ...searchWords,
  ...conversionWords,
  ...shelfWords,
  ...supplierWords,
  ...sourceWords,
  ...basketWords,
  ...accessWords,
  ...clearanceWords,
  ...conditionWords,
  ...fallbackWords,
  ...jobWords,
  ...orderofworkWords,
  ...outstandingWords,
  ...reachWords,
  ...recipeWords,
  ...riskWords,
  ...anatomyWords,
  ...givenAwayWords,
  ...jobCostWords,
  ...yearWords,
  ...madeWords,
  ...toHandWords,
  ...scheduleWords,
  ...scopeWords,
  ...sentoutWords,
  ...faultcodesWords,
  ...roadWords,
  ...todayWords,
  ...checkWords,
  ...decisionWords,
  ...drawingWords,
  ...equipmentWords,
  ...estimateWords,
  ...eventWords,
  ...findingWords,
  ...identityWords,
  ...inventoryWords,
  ...measurandWords,
  ...paperWords,
  ...projectWords,
  ...readingWords,
  ...reviewWords,
  ...secondlookWords,
  ...shortlookWords,
  ...sleepWords,
  ...structureWords,
  ...listWords,
  ...trade,
} as const
