'use client'

import dynamic from 'next/dynamic'

/** The round comes as a piece of its own: what it shares with a job's page stays where the job's page has it. */
export const Round = dynamic(() => import('./RoundPage').then((module) => module.RoundPage), { ssr: false })
