import Papa from 'papaparse'

/** What a spreadsheet would take for a formula, blanks before it or not; a negative number alone is none. */
export const FORMULA = /^\s*[=+@]|^[\t\r\n]|^\s*-(?!\d*[.,]?\d+\s*$)/

/** Rows as a file for a spreadsheet: what it would work out is written as text. */
export const csvOf = (rows: string[][]): string => Papa.unparse(rows, { escapeFormulae: FORMULA })
