// Writes what may be chosen from in the pages, in the server's order: src/api/generated/enums.ts
import { readFileSync, writeFileSync } from 'node:fs'

const chosen = {
  aims: 'JobFields.aim',
  operations: 'JobFields.operation',
  jobCauses: 'JobFields.cause',
  bodyStyles: 'Project.bodyStyle',
  layouts: 'ProjectFields.layout',
  driverSides: 'ProjectFields.driverSide',
  projectStates: 'ProjectFields.state',
  doubtfulPartPolicies: 'ProjectFields.doubtfulParts',
  systems: 'Blocker.system',
  safetyClasses: 'FindingFields.safetyClass',
  findingKinds: 'FindingFields.kind',
  waysOfSeeing: 'FindingFields.howSeen',
  decisions: 'DecisionRequest.decision',
  previousWorks: 'OriginRequest.previousWork',
  payers: 'EstimateFields.payer',
  answers: 'Said.seen',
  events: 'NewEventRequest.event',
  evidenceKinds: 'NewEvidenceRequest.kind',
  comparisons: 'NewLookRequest.compared',
  figureSources: 'FigureRow.sourceKind',
  references: 'PointRow.against',
  stages: 'ActualRow.stage',
  tightnesses: 'FastenerRequest.tightness',
  phases: 'PhaseResponse.phase',
  standings: 'JobResponse.standing',
  grades: 'NeedFields.grade',
  supplyKinds: 'SourceFields.kind',
  sides: 'NeedFields.side',
  outstandingKinds: 'NewOutstandingRequest.kind',
  outstandingWhens: 'NewOutstandingRequest.when',
  entryKinds: 'EntryFields.kind',
  destinations: 'SplitFields.destination',
  wasteCauses: 'WasteFields.cause',
  purposes: 'PurchaseRequest.purpose',
  labelKinds: 'LabelsRequest.kind',
  placeKinds: 'NewPlaceRequest.kind',
  conditions: 'StockFields.condition',
  stockOrigins: 'StockFields.origin',
  fates: 'StockFields.fate',
  verdicts: 'NewPieceRequest.verdict',
  missings: 'SearchRequest.why',
  waysOut: 'SearchRequest.wayOut',
  donorKinds: 'DonorFields.kind',
  standstillCauses: 'CauseRequest.cause',
  interlocks: 'StripDownRequest.confirmed',
  roles: 'RoleRequest.role',
  weekdays: 'WindowFields.day',
  heatings: 'PremisesBody.heating',
  projectPolicies: 'PolicyRequest.policy',
}

export function enumsOf(description) {
  const listOf = (name) => {
    const [schema, property] = name.split('.')
    const found = description.components.schemas[schema]?.properties[property]
    const list = found?.enum ?? found?.items?.enum
    if (!list) throw new Error(`${name} is no choice in the description of the API`)
    return list
  }
  const lines = Object.entries(chosen).map(
    ([name, at]) =>
      `export const ${name} = [${listOf(at)
        .map((v) => `'${v}'`)
        .join(', ')}] as const\n`,
  )
  return `// Made by scripts/enums.mjs from the description of the API: do not edit.\n\n${lines.join('\n')}`
}

if (import.meta.url === `file://${process.argv[1]}`)
  writeFileSync(
    'src/api/generated/enums.ts',
    enumsOf(JSON.parse(readFileSync('src/api/generated/openapi.json', 'utf8'))),
  )
