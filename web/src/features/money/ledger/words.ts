/** What the pages of this topic say. */
export const ledgerWords = {
  recheck: {
    title: 'Compare these amounts with their receipts',
    why: 'An earlier version misread the decimals of these currencies. An amount may be 100 or 1000 times too small. Nothing was changed: compare each, correct it if wrong, then tick it off.',
    of: { ENTRY: 'Receipt', PURCHASE_ORDER: 'Order', PROJECT: 'Budget', NEED: 'Expected price' },
    tick: 'Compared',
    ticked: 'Ticked off.',
  },
  entryKind: {
    PURCHASE: 'Purchase',
    FEE: 'Fee',
    TRANSPORT: 'Transport',
    DUTY: 'Duty',
    TAX: 'Tax',
    SERVICE: 'Service',
    DEPOSIT_PAID: 'Deposit paid',
    DEPOSIT_RETURNED: 'Deposit returned',
    REFUND: 'Refund',
    SALE: 'Sale',
  },
  destination: {
    JOB: 'A job',
    VEHICLE: 'The vehicle',
    TOOLS: 'Tools',
    DONOR: 'The donor',
    STOCK: 'Stock',
    GENERAL: 'General',
    RATE_DIFFERENCE: 'Exchange difference',
    UNASSIGNED: 'Not assigned yet',
  },
} as const
