import { createAssessor } from '@hestiad/core'
import { generateLook } from './generateLook.js'
const look = generateLook(2,{guests:12,pieces:60,manner:'laid'})
let t=performance.now()
for(let i=0;i<60;i++) createAssessor().assess(structuredClone(look))
console.log((performance.now()-t)/60)
const a=createAssessor(); t=performance.now(); for(let i=0;i<30;i++) structuredClone(look); console.log('clone',(performance.now()-t)/30)
a.assess(look); t=performance.now(); const mv=i=>({...look,centerpiece:look.centerpiece.map((p,j)=>j===i+1?{...p,xMm:p.xMm+3}:p)})
for(let i=0;i<40;i++) a.measure(mv(i)); console.log('measure move',(performance.now()-t)/40)
t=performance.now(); for(let i=0;i<40;i++) a.assess(mv(i)); console.log('assess move',(performance.now()-t)/40)
