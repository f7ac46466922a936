'use client'

import { Command } from 'cmdk'
import { usePathname, useRouter } from 'next/navigation'
import { Dialog } from 'radix-ui'
import { useEffect, useState } from 'react'
import { valueLabel } from '@/core/knowledge/valueLabels'
import { familyLabel } from '@/core/knowledge/vocabulary'
import { termsFor } from '@/core/terms/termsFor'
import { factsTold } from '@/core/words/factsTold'
import type { Found } from '@/server/find'
import { useNoticed } from '../bench/useNoticed'
import { instrumentNames } from '../instruments/names'
import { stages } from '../job/stages'
import { whenReached } from '../kit/whenReached'

/** Find a job, a machine or a place, and go there. */
export function Palette({ onClose, onKeys }: { onClose: () => void; onKeys: () => void }) {
  const router = useRouter()
  const path = usePathname()
  const [query, setQuery] = useState('')
  const found = useFound(query)
  const told = useTold(query)
  const jobId = /^\/jobs\/([^/]+)/.exec(path)?.[1]
  const line = useLine(jobId ? query : '')
  const words = termsFor(query)
  const go = (href: string) => {
    onClose()
    router.push(href)
  }
  return (
    <Dialog.Root open onOpenChange={(open) => !open && onClose()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-black/30" />
        <Dialog.Content
          aria-describedby={undefined}
          className="fixed top-16 left-1/2 z-50 w-[min(36rem,94vw)] -translate-x-1/2 border border-ink bg-surface"
        >
          <Dialog.Title className="sr-only">Find or do</Dialog.Title>
          <Command label="Find or do">
            <Command.Input
              placeholder="A job, a machine, a stage, or what has stopped"
              value={query}
              onValueChange={setQuery}
              className="w-full border-line border-b bg-surface px-4 py-3 text-lg outline-none"
              autoFocus
            />
            <Command.List className="max-h-96 overflow-y-auto p-2">
              <Command.Empty className="caption p-3">Nothing of that name.</Command.Empty>
              {jobId && line ? (
                <Group heading="A line of taking apart">
                  <Item
                    label={`Write it down: ${line}`}
                    value={`line ${query}`}
                    onSelect={() => go(`/jobs/${jobId}/take-apart?line=${encodeURIComponent(query)}`)}
                  />
                </Group>
              ) : null}
              {told ? (
                <Group heading="What you say">
                  <Item
                    label={`Start a job: ${told}`}
                    value={`start ${query}`}
                    onSelect={() => go(`/?say=${encodeURIComponent(query)}`)}
                  />
                </Group>
              ) : null}
              {jobId ? (
                <Group heading="This job">
                  {stages.map((stage, index) => (
                    <Item
                      key={stage.id}
                      label={`${index + 1} ${stage.name}`}
                      onSelect={() => go(`/jobs/${jobId}/${stage.id}`)}
                    />
                  ))}
                  <Item label="Record, to print" onSelect={() => go(`/jobs/${jobId}/record`)} />
                </Group>
              ) : null}
              {words.length > 0 ? (
                <Group heading="Words">
                  {words.map((term) => (
                    <Item
                      key={term.id}
                      label={`${term.name}: ${term.says}`}
                      value={`word ${query} ${term.id}`}
                      onSelect={() => go(`/words#${term.id}`)}
                    />
                  ))}
                </Group>
              ) : null}
              <Group heading="Jobs">
                {found.jobs.map((job) => (
                  <Item
                    key={job.id}
                    label={`${job.title}: ${job.symptom}`}
                    value={`${query} job ${job.id}`}
                    note={job.status}
                    onSelect={() => go(`/jobs/${job.id}/notice`)}
                  />
                ))}
              </Group>
              <Group heading="Machines">
                {found.machines.map((machine) => (
                  <Item
                    key={machine.id}
                    label={machine.title}
                    value={`${query} machine ${machine.id}`}
                    note={machine.told}
                    onSelect={() => go(`/machines/${machine.id}`)}
                  />
                ))}
              </Group>
              <Group heading="Parts">
                {found.parts.map((part) => (
                  <Item
                    key={part.id}
                    label={part.title}
                    value={`${query} part ${part.id}`}
                    note={part.where}
                    onSelect={() => go(part.href)}
                  />
                ))}
              </Group>
              <Group heading="Written down">
                {found.notes.map((note) => (
                  <Item
                    key={note.id}
                    label={`${note.title}: ${note.text}`}
                    value={`${query} note ${note.id}`}
                    onSelect={() => go(note.href)}
                  />
                ))}
              </Group>
              <Group heading="Instruments">
                {instrumentNames.map(({ id, name, about }) => (
                  <Item key={id} label={`${name}: ${about}`} onSelect={() => go(`/instruments?i=${id}`)} />
                ))}
              </Group>
              <Group heading="Places">
                {query.trim() === '' ? null : (
                  <Item
                    label={`Search everything for “${query.trim()}”`}
                    value={`search ${query}`}
                    onSelect={() => go(`/search?q=${encodeURIComponent(query.trim())}`)}
                  />
                )}
                <Item label="Round of the season: what is due" onSelect={() => go('/household/round')} />
                <Item label="Circuits: the panel" onSelect={() => go('/household/circuits')} />
                <Item label="Figures: spent, saved, failed" onSelect={() => go('/household/figures')} />
                <Item label="Guests: give a record to read" onSelect={() => go('/household/guests')} />
                <Item label="Bench: start a job" onSelect={() => go('/')} />
                <Item label="All jobs, by page" onSelect={() => go('/jobs')} />
                <Item label="Household and settings" onSelect={() => go('/household')} />
                <Item
                  label="Data: backups, what was deleted, how large"
                  onSelect={() => go('/household/data')}
                />
                <Item label="Shelf: catalogue of parts" onSelect={() => go('/shelf')} />
                <Item label="Instruments: calculations without a job" onSelect={() => go('/instruments')} />
                <Item label="Practice: machines with a hidden fault" onSelect={() => go('/practice')} />
                <Item label="Words: every term explained" onSelect={() => go('/words')} />
                <Item
                  label="Keys"
                  onSelect={() => {
                    onClose()
                    onKeys()
                  }}
                />
              </Group>
            </Command.List>
          </Command>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  )
}

const NOTHING: Found = { jobs: [], machines: [], more: { jobs: 0, machines: 0 }, parts: [], notes: [] }

/** Jobs and machines of the household by these words, found on the server; what was found before stands until then. */
function useFound(query: string): Found {
  const [found, setFound] = useState<Found>(NOTHING)
  useEffect(() => {
    const abort = new AbortController()
    void fetch(`/api/jobs?q=${encodeURIComponent(query)}`, { signal: abort.signal })
      .then(async (response) => {
        if (response.ok) setFound((await response.json()) as Found)
      })
      .catch(() => undefined)
    return () => abort.abort()
  }, [query])
  return found
}

/** What a sentence says of a machine, in a few words; null where it says nothing. */
function useTold(query: string): string | null {
  const noticed = useNoticed(query)
  if (!noticed || query.trim().length < 4) return null
  const { family } = noticed
  const facts = factsTold(noticed).map(({ observation, value }) => valueLabel(observation, value))
  const said = [...(family ? [familyLabel(family)] : []), ...facts.slice(0, 3)]
  return said.length > 0 ? said.join(', ') : null
}

/** A spoken line as the ledger would keep it; null where no act was understood. */
function useLine(query: string): string | null {
  const [read, setRead] = useState<((text: string) => string | null) | null>(null)
  const typed = query.trim().length > 5
  useEffect(() => {
    if (!typed) return
    void whenReached(() =>
      Promise.all([import('@/core/words/ledger'), import('@/core/words/ledgerRow')]),
    ).then(([{ readLine }, { readingWords }]) =>
      setRead(() => (text: string) => {
        const reading = readLine({ text })
        return reading.action === 'note' || reading.refused || reading.asks ? null : readingWords(reading)
      }),
    )
  }, [typed])
  return typed && read ? read(query) : null
}

function Group({ heading, children }: { heading: string; children: React.ReactNode }) {
  return (
    <Command.Group
      heading={heading}
      className="[&_[cmdk-group-heading]]:px-2 [&_[cmdk-group-heading]]:py-1 [&_[cmdk-group-heading]]:text-sm [&_[cmdk-group-heading]]:text-soft"
    >
      {children}
    </Command.Group>
  )
}

function Item({
  label,
  note,
  value,
  onSelect,
}: {
  label: string
  note?: string
  value?: string
  onSelect: () => void
}) {
  return (
    <Command.Item
      value={value}
      onSelect={onSelect}
      className="flex min-h-11 items-center justify-between gap-3 px-2 data-[selected=true]:bg-teal-wash"
    >
      <span>{label}</span>
      {note ? <span className="caption">{note}</span> : null}
    </Command.Item>
  )
}
