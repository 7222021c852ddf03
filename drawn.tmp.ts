import { drawnOutcomes, sharesOf } from './tests/calibration/drawn/coverage'
import { drawnHouseholds } from './tests/calibration/drawn/household'
const all = drawnOutcomes(400)
const p = (x: number) => (x*100).toFixed(0).padStart(4)
for (const kind of ['cold','furnace','storm','network','family','small']) { const s = sharesOf(all.filter(o=>o.kind===kind)); console.log(kind.padEnd(8), p(s.inside), 'early', p(s.earlier), 'late', p(s.later), 'above', p(s.aboveMiddle)) }
const s = sharesOf(all); console.log('all     ', p(s.inside), 'early', p(s.earlier), 'late', p(s.later), 'above', p(s.aboveMiddle))
if (process.argv[2]) { const known = new Map(drawnHouseholds().map(h=>[h.id,h])); for (const o of all) if (process.argv[2]==='all' || o.fell!=='inside') console.log(o.id.padEnd(11), o.fell.padEnd(8), o.p10.toFixed(1), o.p50.toFixed(1), o.p90.toFixed(1), 'truth', o.lastedH.toFixed(1), (o.lastedH/o.p50).toFixed(2), Object.entries(known.get(o.id)!.known).map(([k,v])=>v.evidence+(v.offBeforeH?'!off'+v.offBeforeH:'')+':'+k).join(', ').slice(0,150)) }
