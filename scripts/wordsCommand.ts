import { train } from './wordsTrain'

if (process.argv[2] === 'train') train()
else {
  console.error('npm run words -- train: learns which words tell a danger, from the sets of sentences.')
  process.exitCode = 1
}
