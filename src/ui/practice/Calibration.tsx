'use client'

import type { PracticeBench } from '@/server/practice'
import { Chart } from '../pieces/Chart'

/** How sure somebody was, and how often it was so: on the line both agree. */
export function Calibration({ calibration }: { calibration: PracticeBench['calibration'] }) {
  return (
    <div className="mt-4 max-w-[520px]">
      <h3>How sure you were, and how often it was so</h3>
      <Chart
        label="Stated odds against how often they were right"
        xName="stated %"
        yName="right %"
        series={[
          {
            name: 'even',
            points: [
              [0, 0],
              [100, 100],
            ],
            dashed: true,
          },
          {
            name: 'yours',
            points: calibration.map(({ stated, right }) => [stated * 100, right * 100]),
            strong: true,
            dots: true,
          },
        ]}
      />
      <table className="mt-2 w-full">
        <caption className="sr-only">Stated odds against how often they were right</caption>
        <thead>
          <tr className="border-line border-b text-left">
            <th scope="col">Stated</th>
            <th scope="col" className="text-right">
              Right
            </th>
            <th scope="col" className="text-right">
              Rounds
            </th>
          </tr>
        </thead>
        <tbody className="num">
          {calibration.map(({ from, to, right, rounds }) => (
            <tr key={from} className="border-line border-b">
              <td>
                {Math.round(from * 100)} to {Math.round(to * 100)} %
              </td>
              <td className="text-right">{Math.round(right * 100)} %</td>
              <td className="text-right">{rounds}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  )
}
