import { shopPaper } from '@/core/fit/shopPaper'
import { titleAndPlace } from '@/core/job/title'
import { recordOf } from '@/core/record/ofJob'
import { calendarOf, dueEvents } from '@/core/takeaway/calendar'
import { READING_COLUMNS, readingRows } from '@/core/takeaway/readings'
import { csvOf } from './csv'
import { fileAnswer } from './http'
import { readJob } from './jobs'
import { recordHtml } from './recordHtml'
import { paperPdf, recordPdf } from './recordPdf'

export const readingsFile = (jobId: string) =>
  fileAnswer(async () => {
    const { snapshot } = await readJob(jobId)
    const body = csvOf([READING_COLUMNS, ...readingRows(snapshot)])
    return { name: titleAndPlace(snapshot.machine), otherwise: 'job', ending: 'csv', type: 'text/csv', body }
  })

export const recordPdfFile = (jobId: string, zone: string) =>
  fileAnswer(async () => {
    const { snapshot } = await readJob(jobId)
    const body = Uint8Array.from(await recordPdf(recordOf(snapshot, Date.now()), zone))
    return {
      name: titleAndPlace(snapshot.machine),
      otherwise: 'job',
      ending: 'pdf',
      type: 'application/pdf',
      body,
    }
  })

export const shopPdfFile = (jobId: string, zone: string) =>
  fileAnswer(async () => {
    const { snapshot } = await readJob(jobId)
    const body = Uint8Array.from(await paperPdf(shopPaper(snapshot), zone))
    return {
      name: `For the counter ${titleAndPlace(snapshot.machine)}`,
      otherwise: 'card',
      ending: 'pdf',
      type: 'application/pdf',
      body,
    }
  })

export const recordHtmlFile = (jobId: string, zone: string) =>
  fileAnswer(async () => {
    const { snapshot } = await readJob(jobId)
    const body = await recordHtml(recordOf(snapshot, Date.now()), zone)
    return {
      name: titleAndPlace(snapshot.machine),
      otherwise: 'job',
      ending: 'html',
      type: 'text/html',
      body,
    }
  })

export const calendarFile = (jobId: string) =>
  fileAnswer(async () => {
    const { snapshot } = await readJob(jobId)
    const body = calendarOf(dueEvents(snapshot), Date.now())
    return {
      name: titleAndPlace(snapshot.machine),
      otherwise: 'job',
      ending: 'ics',
      type: 'text/calendar',
      body,
    }
  })
