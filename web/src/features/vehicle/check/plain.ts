/** On a card the usual button would be of the card's own colour. */
export const plain = 'border-base-300 bg-base-100'
