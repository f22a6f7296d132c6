import { createAssessor } from '@hestiad/core'
import { generateLook } from './generateLook.js'
for (const [g,p,R] of [[12,60,40],[60,400,6]]) for (const seed of [1,2,3]) {
 const look = generateLook(seed,{guests:g,pieces:p,manner:'laid'}); const tm=[],ta=[]; let m
 for (let r=0;r<R;r++){ let l=structuredClone(look); let t=performance.now(); m=createAssessor().measure(l); tm.push(performance.now()-t); l=structuredClone(look); t=performance.now(); createAssessor().assess(l); ta.push(performance.now()-t)}
 const counts={}; for(const f of m.findings) counts[f.code]=(counts[f.code]??0)+1
 tm.sort((a,b)=>a-b); ta.sort((a,b)=>a-b)
 console.log(g,p,seed,look.table.shape.kind,'measure',tm[R>>1].toFixed(2),'assess',ta[R>>1].toFixed(2),JSON.stringify(counts))
}
