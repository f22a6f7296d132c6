import { createAssessor } from '@hestiad/core'
import { generateLook } from './generateLook.js'
const look = generateLook(2,{guests:12,pieces:60,manner:'laid'})
const a=createAssessor(); a.measure(look); const mv=i=>({...look,centerpiece:look.centerpiece.map((p,j)=>j===i%50+1?{...p,xMm:p.xMm+3}:p)})
let t=performance.now(); for(let i=0;i<400;i++) a.measure(mv(i)); console.log('measure move',(performance.now()-t)/400)
