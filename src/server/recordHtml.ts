import sharp from 'sharp'
import { marksOf, marksSvg } from '@/core/marks'
import { inMarkup } from '@/core/markup'
import {
  damagedPicture,
  FAILED_PART,
  missingPicture,
  openedSentence,
  paperTime,
} from '@/core/record/sentences'
import type { JobRecord, RecordItem, RecordSection } from '@/core/record/types'
import { soundItems } from '@/wording/soundItems'
import { chartSvg } from './chartSvg'
import { readPhoto } from './photos'

/**
 * A record as one HTML file that needs nothing else: styles and photos are in it, and no script.
 *
 * @param zone the IANA time zone that times are written by
 */
export async function recordHtml(record: JobRecord, zone: string): Promise<string> {
  const sections = await Promise.all(record.sections.map((section) => sectionOf(section, zone)))
  return `<!doctype html>
<html lang="en"><head><meta charset="utf-8"><meta name="viewport" content="width=device-width">
<title>${inMarkup(record.title)}: record of a repair</title><style>${STYLE}</style></head><body>
<header><p class="quiet">${inMarkup(record.household)} · record of a repair</p><h1>${inMarkup(record.title)}</h1>
<p>${inMarkup(record.symptom)}</p><p>${inMarkup(openedSentence(record, zone))}</p></header>
${sections.join('\n')}
<p class="quiet">${inMarkup(record.closing)}</p></body></html>
`
}

const STYLE = `body{max-width:46rem;margin:2rem auto;padding:0 1rem;font:16px/1.45 "Atkinson Hyperlegible Next",system-ui,sans-serif;color:#16201c;background:#fbfcfa}
header{border-bottom:2px solid}h1{margin:0}h2{border-bottom:1px solid #bac4bd;font-size:1.15rem;margin:1.6rem 0 .4rem}
table{width:100%;border-collapse:collapse}td{border-bottom:1px solid #bac4bd;padding:.2rem 0;vertical-align:top}td+td{padding-left:1rem}
.pairs td+td{text-align:right}.times td:first-child{white-space:nowrap;color:#4a5751}.quiet{color:#4a5751;font-size:.9rem}
.chart svg{width:100%;height:auto}.photo{position:relative}.photo svg{position:absolute;inset:0;width:100%;height:100%}figure{margin:0 0 1rem}img{display:block;width:100%;height:auto}@media(min-width:40rem){.photos{columns:2}.drawn{column-span:all}}figure{break-inside:avoid}`

async function sectionOf({ title, items, failed }: RecordSection, zone: string): Promise<string> {
  const body = failed ? [`<p>${FAILED_PART}</p>`] : await Promise.all(items.map((item) => itemOf(item, zone)))
  return `<section><h2>${inMarkup(title)}</h2>${body.join('')}</section>`
}

async function itemOf(item: RecordItem, zone: string): Promise<string> {
  switch (item.kind) {
    case 'text': {
      const text = inMarkup(item.text)
      return `<p${item.weight === 'quiet' ? ' class="quiet"' : ''}>${item.weight === 'bold' ? `<b>${text}</b>` : text}</p>`
    }
    case 'list': {
      const tag = item.numbered ? 'ol' : 'ul'
      return `<${tag}>${item.items.map((text) => `<li>${inMarkup(text)}</li>`).join('')}</${tag}>`
    }
    case 'pairs':
      return rows('pairs', item.rows)
    case 'times':
      return rows(
        'times',
        item.rows.map(({ at, text }) => [paperTime(at, zone), text]),
      )
    case 'sounds':
      return (await Promise.all(soundItems(item).map((each) => itemOf(each, zone)))).join('')
    case 'chart':
      return `<figure class="chart"><figcaption>${inMarkup(item.chart.label)}</figcaption>${chartSvg(item.chart, 'system-ui, sans-serif', 720, 300)}</figure>`
    case 'photos':
      return `<div class="photos">${(await Promise.all(item.photos.map(photoOf))).join('')}</div>`
  }
}

const rows = (kind: string, pairs: [string, string][]): string =>
  `<table class="${kind}">${pairs.map(([one, two]) => `<tr><td>${inMarkup(one)}</td><td>${inMarkup(two)}</td></tr>`).join('')}</table>`

async function photoOf({
  hash,
  caption,
  marks,
}: {
  hash: string
  caption: string
  marks: string
}): Promise<string> {
  const stored = await readPhoto(hash).catch(() => null)
  if (!stored) return `<p>${inMarkup(missingPicture(caption))}</p>`
  const size = await sharp(stored)
    .metadata()
    .catch(() => null)
  if (!size) return `<p>${inMarkup(damagedPicture(caption))}</p>`
  const { width = 1, height = 1 } = size
  const drawn = marksOf(marks)
  const overlay = drawn.length > 0 ? marksSvg(drawn, width, height) : ''
  // What was drawn on a photo is read, not only seen: it has the width of the page.
  return `<figure${drawn.length > 0 ? ' class="drawn"' : ''}><div class="photo"><img alt="${inMarkup(caption)}" src="data:image/webp;base64,${stored.toString('base64')}">${overlay}</div><figcaption>${inMarkup(caption)}</figcaption></figure>`
}
