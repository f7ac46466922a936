/** @example capital('lift off grille') // 'Lift off grille' */
export const capital = (text: string): string => `${text.slice(0, 1).toUpperCase()}${text.slice(1)}`

/**
 * A sentence as it goes on within another one, its units and names as they are.
 *
 * @example within('Buy a 5 µF 370 V capacitor') // 'buy a 5 µF 370 V capacitor'
 */
export const within = (text: string): string => `${text.slice(0, 1).toLowerCase()}${text.slice(1)}`
