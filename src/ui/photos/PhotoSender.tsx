'use client'

import { createContext, type ReactNode, useCallback, useContext, useEffect, useRef, useState } from 'react'
import { useJob } from '../job/JobProvider'
import { notify } from '../kit/notify'
import { shrink } from './shrink'
import { forgetUnsent, keepUnsent, type UnsentPhoto, unsentOf } from './unsent'

/** Between two tries while the server is away. */
const AGAIN_MS = 4000

interface Photos {
  unsent: UnsentPhoto[]
  /** A photo of this line lies on the device, on its way to the file. */
  waits: (lineId: string) => boolean
  take: (photo: File, lineId: string, way: 'in' | 'back') => void
}

const Context = createContext<Photos>({ unsent: [], waits: () => false, take: () => {} })

export const usePhotos = (): Photos => useContext(Context)

/** Photos of this job: made small here, kept here, sent when the server can be reached. */
export function PhotoSender({ children }: { children: ReactNode }) {
  const { snapshot, act, id } = useJob()
  const jobId = snapshot.job.id
  const [unsent, setUnsent] = useState<UnsentPhoto[]>([])
  const sending = useRef(false)
  const look = useCallback(async () => setUnsent(await unsentOf(jobId).catch(() => [])), [jobId])
  const send = useCallback(async () => {
    if (sending.current) return
    sending.current = true
    for (const photo of await unsentOf(jobId).catch(() => [])) {
      const hash = await upload(photo.picture)
      if (hash === null) break
      if (hash !== '')
        act({ kind: 'photo.add', id: photo.id, lineId: photo.lineId, hash, caption: '', way: photo.way })
      await forgetUnsent(photo.id)
    }
    sending.current = false
    await look()
  }, [jobId, act, look])
  useEffect(() => {
    void send()
    const again = setInterval(() => void send(), AGAIN_MS)
    window.addEventListener('online', send)
    return () => {
      clearInterval(again)
      window.removeEventListener('online', send)
    }
  }, [send])
  const take = async (photo: File, lineId: string, way: 'in' | 'back') => {
    try {
      await keepUnsent({ id: id(), jobId, lineId, way, picture: await shrink(photo), at: Date.now() })
      await look()
      void send()
    } catch (error) {
      notify(error instanceof Error ? error.message : 'This photo could not be kept.')
    }
  }
  return (
    <Context.Provider
      value={{
        unsent,
        waits: (lineId) => unsent.some((photo) => photo.lineId === lineId),
        take: (...photo) => void take(...photo),
      }}
    >
      {children}
    </Context.Provider>
  )
}

/** The hash under which it is stored; null while the server is away, empty where it refuses the picture for good. */
async function upload(picture: Blob): Promise<string | null> {
  try {
    const response = await fetch('/api/photos', { method: 'POST', body: picture })
    if (response.status >= 500 || response.status === 401) return null
    const answer = (await response.json()) as { hash?: string; error?: { message: string } }
    if (answer.error) notify(answer.error.message)
    return answer.hash ?? ''
  } catch {
    return null
  }
}
