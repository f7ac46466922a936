import { rmSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { describe, expect, it } from 'vitest'
import type { JobRecord } from '@/core/record/types'
import { recordHtml } from './recordHtml'
import { recordPdf } from './recordPdf'
import { store } from './store'
import { ownDataFolder } from './testStore.testing'

const record: JobRecord = {
  household: 'Harrow Reach',
  title: 'Bathroom fan, <upper> flat',
  symptom: 'hums & stands “still”, 4.7 µF → 3.1 µF',
  openedAt: '2026-03-01T08:00:00.000Z',
  closedAt: null,
  result: '',
  sections: [
    { title: 'Found', items: [{ kind: 'pairs', rows: [['The fan', '<script>alert(1)</script>']] }] },
    {
      title: 'Safety record',
      items: [{ kind: 'times', rows: [{ at: '2026-03-01T08:05:00.000Z', text: 'Opened.' }] }],
    },
    {
      title: 'Way in',
      items: [{ kind: 'list', numbered: true, items: ['unscrew grille', 'lift off grille'] }],
    },
    { title: 'Verdict', items: [], failed: true },
    {
      title: 'Photos',
      items: [{ kind: 'photos', photos: [{ hash: 'ab'.repeat(32), caption: 'wheel', at: '', marks: '' }] }],
    },
  ],
  closing: 'It does not say that anything is safe.',
}

ownDataFolder()

describe('a record as a PDF', () => {
  it('has its title, pages, and says where a photo is gone', async () => {
    const pdf = await recordPdf(record, 'UTC')
    expect(pdf.subarray(0, 5).toString()).toBe('%PDF-')
    expect(pdf.subarray(-6).toString().trim()).toBe('%%EOF')
    expect(pdf.toString('latin1')).toMatch(/\/Type \/Page\b/)
  })

  it('breaks a long record into pages', async () => {
    const items = Array.from({ length: 200 }, (_, i) => `unscrew screw ${i}`)
    const long = {
      ...record,
      sections: [{ title: 'Way in', items: [{ kind: 'list' as const, numbered: true, items }] }],
    }
    const pages = (await recordPdf(long, 'UTC')).toString('latin1').match(/\/Type \/Page\b(?!s)/g)
    expect(pages?.length).toBeGreaterThan(2)
  })
})

describe('a photo whose file is damaged', () => {
  it('takes neither the PDF nor the HTML file away', async () => {
    const { folder } = await store()
    writeFileSync(join(folder.photos, `${'ab'.repeat(32)}.webp`), 'no picture')
    expect((await recordPdf(record, 'UTC')).subarray(0, 5).toString()).toBe('%PDF-')
    expect(await recordHtml(record, 'UTC')).toContain('wheel: the file of the picture is damaged.')
    rmSync(join(folder.photos, `${'ab'.repeat(32)}.webp`))
  })
})

describe('a record as one HTML file', () => {
  it('shows what was typed as text, never as markup, and needs no other address', async () => {
    const html = await recordHtml(record, 'Europe/Berlin')
    expect(html).toContain('&#60;script&#62;alert(1)&#60;/script&#62;')
    expect(html).not.toContain('<script')
    expect(html).not.toMatch(/(src|href)="(?!data:)/)
  })

  it('writes times on the clock of the person', async () => {
    expect(await recordHtml(record, 'Europe/Berlin')).toContain('1 Mar 2026 09:05')
  })

  it('says which part cannot be worked out, and keeps the rest', async () => {
    const html = await recordHtml(record, 'UTC')
    expect(html).toContain('This part cannot be worked out')
    expect(html).toContain('<li>unscrew grille</li><li>lift off grille</li>')
    expect(html).toContain('wheel: the picture is missing from the data folder.')
  })
})
