import { SIZE } from '@/core/sound/analyse'
import { transform } from './transform'

/** The power of each line of a windowed piece of the size that an analysis takes. */
export const powerSpectrum = transform(SIZE)
