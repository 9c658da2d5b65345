import { dayOf, FIRST_JOB, USUAL_DAYS } from '@hoxen/core/day'
import { DEFAULT_SCHOOLS } from '@hoxen/core/gear'
import { matchRigs } from '@hoxen/core/match'
import { inventGear } from './gear.ts'
const items = inventGear(Number(process.argv[2] ?? 500), 7)
for (const { name, job } of USUAL_DAYS.slice(0,3)) { const day = dayOf({ job: { ...FIRST_JOB, ...job }, schools: DEFAULT_SCHOOLS }); const t=performance.now(); matchRigs({items}, day); console.log(name, (performance.now()-t).toFixed(0)) }
