import { changeKept, noticeFailed } from '../store/index.ts'

/** Goes to a pool, or with none to the water as the job describes it; what was said of the level stays behind. */
export function goToPool(pool: { readonly id: string; readonly name: string } | undefined): void {
  void changeKept(
    pool === undefined ? 'Go by the words of the job' : `Go to ${pool.name}`,
    'water',
    ({ plan }) => (pool === undefined ? { plan } : { plan, runId: pool.id }),
  ).catch(noticeFailed)
}
