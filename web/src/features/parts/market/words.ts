/** What the pages of this topic say. */
export const marketWords = {
  market: {
    title: 'For the market',
    nothing: 'Nothing is left to buy.',
    answer_one: 'One thing to look for.',
    answer_other: '{{count}} things to look for.',
    how: 'Tick what you bought and type what you paid. It stays on this device, even offline. Enter it all when you are back.',
    whileOpen: 'Offline this page cannot be reloaded: keep it open, or take the list with you as a file or on paper.',
    anyShop: 'From any shop on the way',
    file: 'Save it as a file',
    print: 'Print it',
    bought: 'Bought: {{what}}',
    paid: 'Paid, in {{currency}}',
    most: 'up to {{money}}',
    enter_one: 'Enter what you bought',
    enter_other: 'Enter the {{count}} things you bought',
    entered: '“{{what}}” is entered.',
    reason: 'Bought at a market',
    ticked: '{{money}} paid so far.',
    comparedOn: 'Check before you pay:',
    saved: 'List of {{date}}. Ticks in this file are not sent anywhere; enter what you bought on the page.',
  },
} as const
