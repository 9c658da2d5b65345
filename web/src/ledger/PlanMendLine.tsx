import type { PlanMend } from '@hoxen/core/ladder'
import type { RigChoice } from '@hoxen/core/rig'
import { sayChange, sayChanged, sayWouldHold } from '@hoxen/core/words'
import { changeRig, noticeDone, noticeFailed } from '../store/index.ts'
import { Button, useUnits } from '../ui/index.ts'

/** Another way to fish the same rig with which it would hold. */
export function PlanMendLine({ mend, of }: { readonly mend: PlanMend; readonly of: RigChoice }) {
  const { system } = useUnits()
  const text = sayChange(mend.change, system)

  const take = (): void =>
    void changeRig(text, { fished: mend.plan }, of).then((did) => {
      if (did) noticeDone(sayChanged(mend.change, system))
    }, noticeFailed)
  return (
    <div data-plan-mend className="mt-1.5 border-l-[3px] border-river pl-3">
      <div className="flex flex-wrap items-center gap-x-3">
        <span>{text}, same rig</span>
        <Button weight="quiet" className="px-0" onClick={take}>
          Fish it this way
        </Button>
      </div>
      <p className="text-[0.86rem] text-faint">{sayWouldHold(mend.swung.summary)}</p>
    </div>
  )
}
