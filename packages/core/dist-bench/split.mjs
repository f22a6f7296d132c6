import * as C from '@hestiad/core'
import { generateLook } from './generateLook.js'
const look = generateLook(1,{guests:12,pieces:60,manner:'laid'})
const T={}; const tick=(k,f)=>{const t=performance.now(); const r=f(); (T[k]??=[]).push(performance.now()-t); return r}
for(let i=0;i<60;i++){ const l=structuredClone(look)
 const plan=tick('plan',()=>C.seatPlan(l)); tick('cap',()=>['tight','usual','roomy'].map(c=>C.capacity(l.table,c)))
 const lay=tick('layout',()=>C.settingItems(l)); const st=tick('standings',()=>C.standings(l)); const lines=tick('lines',()=>C.sightLines(C.guestEyes(plan,l.table)))
 const s=tick('sight',()=>C.tableSight(lines,C.atMeal(st))); tick('clear',()=>s.costs.filter(c=>c.blames.length).map(c=>C.clearHeightMm(st.find(x=>x.placed.id===c.placedId),lines,0)))
 tick('money',()=>C.buyList(l)); tick('all',()=>C.createAssessor().measure(structuredClone(look)))
}
for(const k in T) console.log(k,T[k].sort((a,b)=>a-b)[30].toFixed(2))
