'use client'

import dynamic from 'next/dynamic'

// A job that is well pays nothing for what is shown of one that is not.
export const BringBack = dynamic(() => import('./BringBack').then((module) => module.BringBack))
export const DeleteThing = dynamic(() => import('./DeleteThing').then((module) => module.DeleteThing))
