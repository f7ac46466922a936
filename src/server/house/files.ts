import { FIGURE_COLUMNS, figureRows } from '@/core/house/figures'
import { titleAndPlace } from '@/core/job/title'
import { calendarOf } from '@/core/takeaway/calendar'
import { dayIn } from '@/core/units/days'
import { loadHouse } from '@/data/house'
import { house } from '@/wording/en/house'
import { say } from '@/wording/say'
import { csvOf } from '../csv'
import { fileAnswer } from '../http'
import { store } from '../store'
import { readFigures } from './pages'
import { comingTasks } from './season'

/** What is due now or within a year, each on its day; what is overdue stands on today. */
export const roundCalendarFile = (zone: string) =>
  fileAnswer(async () => {
    const { db } = await store()
    const rows = await loadHouse(db)
    const today = dayIn(Date.now(), zone)
    const titles = new Map(rows.machines.map((machine) => [machine.id, titleAndPlace(machine)]))
    const events = (await comingTasks(db, rows, today)).map(({ machineId, task, dueAt }) => ({
      id: `${machineId}-${task}`,
      at: [dueAt, today].sort().at(-1) ?? today,
      what: `${titles.get(machineId) ?? ''}: ${say({ key: `task.${task}` }, house)}`,
    }))
    const body = calendarOf(events, Date.now())
    return { name: 'Round of the season', otherwise: 'round', ending: 'ics', type: 'text/calendar', body }
  })

/** Every closed job with what it cost and saved, for a spreadsheet. */
export const figuresFile = () =>
  fileAnswer(async () => ({
    name: 'Figures of the house',
    otherwise: 'figures',
    ending: 'csv',
    type: 'text/csv',
    body: csvOf([FIGURE_COLUMNS, ...figureRows(await readFigures())]),
  }))
