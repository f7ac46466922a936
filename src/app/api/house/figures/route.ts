import { figuresFile } from '@/server/house/files'

/** Closed jobs with their figures as CSV. */
export const GET = () => figuresFile()
