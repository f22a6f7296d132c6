import { createAssessor } from '@hestiad/core'
import { generateLook } from './generateLook.js'
const look = generateLook(2,{guests:12,pieces:60,manner:'laid'})
for(let i=0;i<60;i++) createAssessor().assess(structuredClone(look))
