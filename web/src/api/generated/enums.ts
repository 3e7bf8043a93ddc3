// Made by scripts/enums.mjs from the description of the API: do not edit.

export const aims = ['RUNNER', 'ROAD_READY', 'DRIVER', 'SHOW'] as const

export const operations = ['STRIP', 'CLEAN', 'BLAST', 'CUT', 'WELD', 'FABRICATE', 'MACHINE', 'DRY_FIT', 'PRIME', 'PAINT', 'COAT', 'ASSEMBLE', 'REPLACE', 'ADJUST', 'WIRE', 'FILL', 'BLEED', 'ALIGN', 'TEST', 'INSPECT'] as const

export const jobCauses = ['FOUND', 'ACCESS_OPEN', 'TASTE', 'AIM', 'FORGOTTEN'] as const

export const bodyStyles = ['ESTATE', 'SALOON', 'HATCHBACK', 'COUPE', 'ROADSTER', 'PICKUP', 'VAN', 'MOTORCYCLE'] as const

export const layouts = ['FRONT_ENGINE_REAR_DRIVE', 'FRONT_ENGINE_FRONT_DRIVE', 'FOUR_WHEEL_DRIVE', 'MID_ENGINE', 'REAR_ENGINE', 'MOTORCYCLE'] as const

export const driverSides = ['LEFT', 'RIGHT', 'NONE'] as const

export const projectStates = ['LOOKING', 'ACTIVE', 'RESTING', 'FINISHED', 'SOLD', 'SCRAPPED'] as const

export const doubtfulPartPolicies = ['REPLACE', 'REUSE_WHAT_MEASURES'] as const

export const systems = ['STRUCTURE', 'BRAKES', 'STEERING_AND_SUSPENSION', 'ENGINE', 'COOLING', 'FUEL', 'EXHAUST', 'TRANSMISSION', 'ELECTRICAL', 'RESTRAINT', 'BODY', 'GLASS_AND_SEALS', 'TRIM', 'WHEELS_AND_TYRES', 'PAPERS'] as const

export const safetyClasses = ['A', 'B', 'C', 'D'] as const

export const findingKinds = ['SURFACE_RUST', 'RUST_THROUGH', 'CRACK', 'DENT', 'OLD_REPAIR', 'LEAK', 'SEIZED', 'WORN', 'PERISHED', 'BROKEN', 'MISSING', 'DEAD_ELECTRICAL', 'CONTAMINATED', 'SYMPTOM', 'DOUBT'] as const

export const waysOfSeeing = ['PHOTO', 'GLANCED', 'WALKED_ROUND', 'ON_STANDS', 'OPENED'] as const

export const decisions = ['INVESTIGATE', 'REPAIR', 'REPLACE', 'REUSE', 'TEMPORARY', 'DEFER', 'ACCEPT'] as const

export const previousWorks = ['REMOVE', 'KEEP', 'RESTORE'] as const

export const payers = ['RECALL', 'INSURER', 'SELLER', 'VENDOR', 'WORKSHOP'] as const

export const answers = ['GOOD', 'DOUBTFUL', 'BAD', 'MISSING', 'COVERED', 'NOT_OPENED', 'NO_REACH', 'NO_CURRENT', 'NOT_ALLOWED'] as const

export const events = ['RAN_DRY', 'FLOODED', 'CRASHED', 'AIRBAGS_FIRED', 'VERMIN', 'WRONG_JACKING', 'LONG_SLEEP'] as const

export const evidenceKinds = ['STATEMENT', 'DATED_PAPER', 'DATED_PART', 'STATE_OF_PARTS', 'UNDISTURBED'] as const

export const comparisons = ['SAME', 'WORSE', 'BETTER', 'GONE'] as const

export const figureSources = ['COMPONENT', 'VEHICLE', 'PUBLIC'] as const

export const references = ['DOCUMENT', 'NEIGHBOUR'] as const

export const stages = ['AS_FOUND', 'PULLED', 'FITTED'] as const

export const tightnesses = ['TO_FIND', 'FINGER_TIGHT', 'BY_FEEL', 'FIGURE'] as const

export const phases = ['ASSESS_AND_STRIP', 'STRUCTURE', 'MECHANICAL', 'BODY_AND_PAINT', 'REFIT', 'START_AND_TEST', 'ROAD'] as const

export const standings = ['IN_HAND', 'READY', 'WAITS_FOR_PARTS', 'WAITS', 'BY_OTHERS', 'OVER'] as const

export const grades = ['SERVICEABLE', 'GOOD', 'SHOW'] as const

export const supplyKinds = ['NEW_ORIGINAL', 'NEW_PATTERN', 'RECONDITIONED', 'USED', 'DONOR', 'OWN_STOCK', 'MADE', 'LENT'] as const

export const sides = ['LEFT', 'RIGHT', 'BOTH', 'NONE'] as const

export const outstandingKinds = ['FOR_NOW', 'LOAN', 'LEFT_OFF', 'LENT'] as const

export const outstandingWhens = ['EVENT', 'DATE', 'ARRIVAL'] as const

export const entryKinds = ['PURCHASE', 'FEE', 'TRANSPORT', 'DUTY', 'TAX', 'SERVICE', 'DEPOSIT_PAID', 'DEPOSIT_RETURNED', 'REFUND', 'SALE', 'MOVED_OUT', 'MOVED_IN', 'TO_WORKSHOP'] as const

export const destinations = ['JOB', 'VEHICLE', 'TOOLS', 'DONOR', 'STOCK', 'GENERAL', 'RATE_DIFFERENCE', 'UNASSIGNED'] as const

export const wasteCauses = ['BROKEN_BY_ME', 'IN_TRANSIT', 'WRONG_ORDER', 'WRONG_GUESS', 'REPEAT', 'HANDLING'] as const

export const purposes = ['WILL_NOT_COME_AGAIN', 'SENTIMENT', 'LEARNING', 'TO_SHOW_OTHERS', 'KEEP_FOR_LIFE'] as const

export const labelKinds = ['PLUG', 'BAG', 'PIECE'] as const

export const placeKinds = ['SHELF', 'BENCH', 'BAY', 'BOX', 'BAG', 'AWAY'] as const

export const conditions = ['NEW', 'GOOD', 'WORN', 'BROKEN', 'UNKNOWN'] as const

export const stockOrigins = ['BOUGHT', 'LEFT_OVER', 'STRIPPED', 'DONOR', 'MADE', 'GIVEN'] as const

export const fates = ['UNDECIDED', 'KEEP', 'PATTERN', 'EXCHANGE', 'SELL', 'SCRAP'] as const

export const verdicts = ['FILLS_GAP', 'BETTER', 'SPARE', 'PATTERN', 'SCRAP', 'UNKNOWN'] as const

export const missings = ['DISCONTINUED', 'SUPERSEDED', 'RARE'] as const

export const waysOut = ['LOOK_ON', 'USED', 'RECONDITION', 'PATTERN', 'CONVERT', 'MAKE', 'KEEP_WORN'] as const

export const donorKinds = ['VEHICLE', 'LOT'] as const

export const standstillCauses = ['PART_MISSING', 'SOMEBODY_ELSE', 'MONEY', 'ILLNESS', 'WEATHER', 'NO_ROOM', 'OTHER_PROJECT', 'HOUSE_AND_FAMILY', 'NO_WISH', 'OTHER'] as const

export const interlocks = ['ISOLATED', 'RESTRAINT_WAITED', 'CONTROL_UNITS_OFF', 'SUPPORTED', 'CANNOT_DROP', 'DRAINED', 'PRESSURE_RELEASED', 'REFRIGERANT_OUT', 'GAS_SAFE', 'HIGH_VOLTAGE_DEAD', 'PROVED_EMPTY', 'FUEL_AWAY', 'VENTILATED', 'EXTINGUISHER', 'FIRE_WATCH', 'EYES_AND_HANDS', 'SPRING_HELD', 'LEAD_MASKED', 'DO_NOT_RUN', 'DO_NOT_DRIVE', 'CHOCKED_IN_NEUTRAL', 'CLEAR_GROUND', 'NUT_SEAT', 'HOIST_RATED', 'TWO_PEOPLE'] as const

export const roles = ['OWNER', 'HELPER', 'VIEWER'] as const

export const weekdays = ['MONDAY', 'TUESDAY', 'WEDNESDAY', 'THURSDAY', 'FRIDAY', 'SATURDAY', 'SUNDAY'] as const

export const heatings = ['NOT_SAID', 'HEATED', 'WHERE_IT_CURES', 'COLD'] as const

export const projectPolicies = ['RUNNING_FIRST', 'BODY_FIRST', 'MECHANICAL_FIRST', 'KEEP_ROLLING'] as const
