import { expect, it } from 'vitest'
import { leadNames } from './leadNames'

it('leads typed in a row are told apart by commas, or by spaces where every word is a colour', () => {
  expect(leadNames('blk, wht; brown/white')).toEqual(['blk', 'wht', 'brown/white'])
  expect(leadNames('black white brown purple')).toEqual(['black', 'white', 'brown', 'purple'])
  expect(leadNames(' blk  wht brn ')).toEqual(['blk', 'wht', 'brn'])
  // One striped wire, and one that somebody described.
  expect(leadNames('brown white')).toEqual(['brown white'])
  expect(leadNames('the one with tape')).toEqual(['the one with tape'])
  expect(leadNames(' , ')).toEqual([])
})
