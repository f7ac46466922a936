/** @example capital('lift off grille') // 'Lift off grille' */
export const capital = (text: string): string => `${text.slice(0, 1).toUpperCase()}${text.slice(1)}`
