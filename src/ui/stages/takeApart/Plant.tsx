'use client'

import { capacitorOf } from '@/core/job'
import { capacitorMayBe } from '@/core/job/energy/place'
import { hasNoCapacitor } from '@/core/job/parts/partsNeeded'
import { capacitorTemplate, motorTemplates } from '@/core/knowledge/templates'
import { moreWays } from '@/core/knowledge/ways'
import { useJob } from '../../job/JobProvider'
import { Section } from '../../kit/Section'
import { OwnWays } from './OwnWays'

/** More than any way has lines. */
const IDS = 80

/** Propose the lines of a way in, by what was decided and by how the machine is built. */
export function Plant({ instead = false }: { instead?: boolean }) {
  const { snapshot, act, id } = useJob()
  const family = snapshot.machine.family
  const dual = (capacitorOf(snapshot, 'old').label?.sections.length ?? 1) > 1
  const plant = (template: 'motor' | 'capacitor' | 'capacitor-dual', way = '') =>
    act({
      kind: 'ledger.plant',
      template,
      way,
      ids: Array.from({ length: IDS }, id),
      ...(instead ? { instead } : {}),
    })
  const motor = motorTemplates[family]
  const capacitor = capacitorTemplate(family, dual)
  const ways = moreWays(family)
  const hasOne =
    capacitorMayBe(snapshot) && !(snapshot.machine.motorKind === null && hasNoCapacitor(snapshot))
  const capacitorFirst = snapshot.decisions[0]?.action === 'replace-capacitor'
  return (
    <Section
      part="plant"
      title={instead ? 'Another way in' : 'Begin with a template'}
      aside={
        instead
          ? 'its lines come in place of those that nobody has touched'
          : 'typical lines; drop, add and reorder until they are your machine’s'
      }
    >
      <div className="grid gap-2 mid:grid-cols-2 mid:gap-4">
        {hasOne ? (
          <div>
            <button
              type="button"
              className={`btn w-full ${capacitorFirst ? 'btn-main' : ''}`}
              onClick={() => plant(dual ? 'capacitor-dual' : 'capacitor')}
            >
              {`To the capacitor: ${capacitor.lines.length} lines`}
            </button>
          </div>
        ) : null}
        <div>
          <button
            type="button"
            className={`btn w-full ${capacitorFirst ? '' : 'btn-main'}`}
            onClick={() => plant('motor')}
          >
            {`To the ${motor.replaced}: ${motor.lines.length} lines`}
          </button>
        </div>
      </div>
      {ways.length > 0 ? (
        <>
          <h3 className="mt-3 font-bold mid:mt-5">Or as yours is built</h3>
          <ul data-testid="ways">
            {ways.map(({ id: way, name, when, lines }) => (
              <li
                key={way}
                className="grid grid-cols-[minmax(0,1fr)_auto] items-center gap-x-4 border-line border-b py-1.5"
              >
                <p>
                  <b className="block">{name}</b>
                  <span className="caption">{when}</span>
                </p>
                <button
                  type="button"
                  className="btn"
                  aria-label={`Begin with: ${name}`}
                  onClick={() => plant('motor', way)}
                >
                  {`${lines.length} lines`}
                </button>
              </li>
            ))}
          </ul>
        </>
      ) : null}
      <OwnWays instead={instead} />
    </Section>
  )
}
