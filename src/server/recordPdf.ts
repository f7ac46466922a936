import { createRequire } from 'node:module'
import { dirname, join } from 'node:path'
import pdfmake from 'pdfmake'
import type { Column, Content, TDocumentDefinitions } from 'pdfmake/interfaces'
import sharp, { type Sharp } from 'sharp'
import { marksOf, marksSvg } from '@/core/marks'
import {
  damagedPicture,
  FAILED_PART,
  missingPicture,
  openedSentence,
  paperTime,
} from '@/core/record/sentences'
import type { JobRecord, PaperDocument, RecordItem, RecordSection } from '@/core/record/types'
import { soundItems } from '@/wording/soundItems'
import { chartSvg } from './chartSvg'
import { readPhoto } from './photos'

const INK = '#16201C'
const SOFT = '#4A5751'
const LINE = '#BAC4BD'
/** A4 less its margins, in points. */
const WIDTH = 595 - 2 * 48
const PHOTO_WIDTH = (WIDTH - 16) / 2
/** Drawn at twice the width of the page: its letters are half as high on paper. */
const CHART_HEIGHT = 380
/** Twice what is printed: sharp enough at arm's length. */
const PHOTO_PIXELS = 700

/** A record as a PDF, photos and page numbers included. */
export function recordPdf(record: JobRecord, zone: string): Promise<Buffer> {
  return paperPdf(
    {
      over: `${record.household} · record of a repair`,
      title: record.title,
      lines: [record.symptom, openedSentence(record, zone)],
      sections: record.sections,
      closing: record.closing,
    },
    zone,
  )
}

/**
 * A document as a PDF on A4.
 *
 * @param zone the IANA time zone that times are written by
 */
export async function paperPdf(paper: PaperDocument, zone: string): Promise<Buffer> {
  const sections = await Promise.all(paper.sections.map((section) => sectionOf(section, zone)))
  const definition: TDocumentDefinitions = {
    info: { title: plain(`${paper.title} (${paper.over})`) },
    pageSize: 'A4',
    pageMargins: [48, 48, 48, 56],
    defaultStyle: { font: 'Atkinson', fontSize: 10, color: INK, lineHeight: 1.15 },
    // A heading with nothing under it stands on the next page with what it is the heading of.
    pageBreakBefore: ({ headlineLevel }, nodes) =>
      headlineLevel === 1 && nodes.getFollowingNodesOnPage().length === 0,
    footer: (page, pages) => ({
      margin: [48, 16, 48, 0],
      columns: [
        { text: plain(paper.title), color: SOFT, fontSize: 8 },
        { text: `page ${page} of ${pages}`, alignment: 'right', color: SOFT, fontSize: 8, width: 80 },
      ],
    }),
    content: [
      { text: plain(paper.over), color: SOFT },
      { text: plain(paper.title), fontSize: 20, bold: true, margin: [0, 2, 0, 2] },
      ...paper.lines.map((text): Content => ({ text: plain(text), margin: [0, 0, 0, 3] })),
      { canvas: [{ type: 'line', x1: 0, y1: 3, x2: WIDTH, y2: 3, lineWidth: 1.5, lineColor: INK }] },
      ...sections.flat(),
      { text: plain(paper.closing), color: SOFT, margin: [0, 16, 0, 0] },
    ],
  }
  setUp()
  return pdfmake.createPdf(definition).getBuffer()
}

/** A value of so many letters stands on one line, and its name is broken instead. */
const SHORT = 32

let ready = false

/** Fonts from the package beside it, and nothing from anywhere else. */
function setUp(): void {
  if (ready) return
  ready = true
  const from = createRequire(join(process.cwd(), 'package.json'))
  const folder = dirname(from.resolve('@expo-google-fonts/atkinson-hyperlegible-next/package.json'))
  const face = (name: string) => join(folder, name, `AtkinsonHyperlegibleNext_${name}.ttf`)
  pdfmake.setFonts({
    Atkinson: {
      normal: face('400Regular'),
      bold: face('700Bold'),
      italics: face('400Regular_Italic'),
      bolditalics: face('700Bold_Italic'),
    },
  })
  pdfmake.setUrlAccessPolicy(() => false)
  pdfmake.setLocalAccessPolicy((path) => path.startsWith(folder))
}

/** The face has a Greek mu and no arrows. */
const plain = (text: string): string =>
  text.replaceAll('\u00b5', '\u03bc').replaceAll('→', '–').replaceAll('⌀', 'Ø')

async function sectionOf({ title, items, failed }: RecordSection, zone: string): Promise<Content[]> {
  const body = failed
    ? [{ text: FAILED_PART }]
    : (await Promise.all(items.map((item) => itemOf(item, zone)))).flat()
  return [{ text: title, fontSize: 13, bold: true, margin: [0, 14, 0, 4], headlineLevel: 1 }, ...body]
}

async function itemOf(item: RecordItem, zone: string): Promise<Content[]> {
  switch (item.kind) {
    case 'text':
      return [
        {
          text: plain(item.text),
          margin: [0, 1, 0, 2],
          ...(item.weight === 'bold' ? { bold: true } : {}),
          ...(item.weight === 'quiet' ? { color: SOFT } : {}),
        },
      ]
    case 'list': {
      const lines = item.items.map((text): Content => ({ text: plain(text), margin: [0, 0, 0, 2] }))
      return [item.numbered ? { ol: lines } : { ul: lines }]
    }
    case 'pairs':
      return [
        ruled(
          ['*', 'auto'],
          item.rows.map(([name, value]) => [
            { text: plain(name) },
            { text: plain(value), alignment: 'right', noWrap: value.length <= SHORT },
          ]),
        ),
      ]
    case 'times':
      return [
        ruled(
          [92, '*'],
          item.rows.map(({ at, text }) => [
            { text: paperTime(at, zone), color: SOFT },
            { text: plain(text) },
          ]),
        ),
      ]
    case 'sounds':
      return (await Promise.all(soundItems(item).map((each) => itemOf(each, zone)))).flat()
    case 'chart':
      return [
        {
          stack: [
            { text: plain(item.chart.label), fontSize: 9, color: SOFT, margin: [0, 8, 0, 2] },
            { svg: plain(chartSvg(item.chart, 'Atkinson', 2 * WIDTH, CHART_HEIGHT)), width: WIDTH },
          ],
          unbreakable: true,
        },
      ]
    case 'photos':
      return photoRows(await Promise.all(item.photos.map((photo) => photoOf(photo))))
  }
}

const ruled = (widths: (string | number)[], body: Content[][]): Content => ({
  table: { widths, body, dontBreakRows: true },
  layout: {
    hLineWidth: (index: number) => (index === 0 ? 0 : 0.5),
    vLineWidth: () => 0,
    hLineColor: () => LINE,
    paddingLeft: () => 0,
    paddingRight: () => 0,
    paddingTop: () => 2,
    paddingBottom: () => 2,
  },
})

/** A photo whose file is gone or damaged says so in its place. */
async function photoOf({
  hash,
  caption,
  marks,
}: {
  hash: string
  caption: string
  marks: string
}): Promise<Column> {
  const stored = await readPhoto(hash).catch(() => null)
  if (!stored) return { width: PHOTO_WIDTH, text: plain(missingPicture(caption)) }
  const jpeg = await marked(stored, marks)
    .then((image) => image.flatten().jpeg({ quality: 78 }).toBuffer())
    .catch(() => null)
  if (!jpeg) return { width: PHOTO_WIDTH, text: plain(damagedPicture(caption)) }
  const width = marksOf(marks).length > 0 ? WIDTH : PHOTO_WIDTH
  return {
    width,
    stack: [
      {
        image: `data:image/jpeg;base64,${jpeg.toString('base64')}`,
        fit: [width, width === WIDTH ? 420 : 240],
      },
      { text: plain(caption), fontSize: 9, margin: [0, 3, 0, 10] },
    ],
    unbreakable: true,
  }
}

/** The photo at its printed size, with what was drawn on it. */
async function marked(stored: Buffer, marks: string): Promise<Sharp> {
  const { data, info } = await sharp(stored)
    .resize({ width: PHOTO_PIXELS, withoutEnlargement: true })
    .toBuffer({ resolveWithObject: true })
  const list = marksOf(marks)
  if (list.length === 0) return sharp(data)
  return sharp(data).composite([{ input: Buffer.from(marksSvg(list, info.width, info.height)) }])
}

/** Two beside each other; what was drawn on is read, and has the width of the page. */
function photoRows(photos: Column[]): Content[] {
  const narrow = photos.filter(({ width }) => width !== WIDTH)
  return [
    ...photos.filter(({ width }) => width === WIDTH),
    ...narrow.flatMap((photo, index): Content[] =>
      index % 2 === 0
        ? [{ columns: [photo, narrow[index + 1] ?? { width: PHOTO_WIDTH, text: '' }], columnGap: 16 }]
        : [],
    ),
  ]
}
