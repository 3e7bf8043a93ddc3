/** What to buy where. */
export const basketWords = {
  basket: {
    title: 'Where to buy it',
    what: 'What from whom',
    covers: '{{offered}} of {{wanted}} lines to order have an offer.',
    kind: { CHEAPEST: 'Cheapest, all counted', SOONEST: 'Soonest', FEWEST_PARCELS: 'Fewest parcels' },
    parcels_one: 'one parcel',
    parcels_other: '{{count}} parcels',
    home: 'nothing to send',
    road: 'Road-ready {{date}}',
    noRoad: 'No road date yet',
    inTime: 'all in time for the plan',
    late_one: 'the last comes a day later than the plan needs it',
    late_other: 'the last comes {{count}} days later than the plan needs it',
    toPay: '{{money}} to pay',
    risk: ', about {{money}} for parts that turn out wrong',
    cutShort: 'Too many to try them all: up to {{money}} might still be saved.',
    from: '{{seller}}, {{money}}',
    order: 'Order from {{seller}}',
    same: 'The same as “{{kind}}”.',
    hour: 'An hour of yours has no price yet, so work done twice counts nothing. Set it on the page Sent out.',
  },
} as const
