import { benchPlates } from './plates'

await benchPlates()
