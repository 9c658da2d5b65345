import { Link } from 'react-router'
import { noticeFailed, openDemo } from '../../store/index.ts'
import { Button, buttonLook } from '../../ui/index.ts'
import { FirstLook } from './FirstLook.tsx'
import { SmallSwing } from './SmallSwing.tsx'

/** Page where nothing is kept yet: an answer first, and nothing asked before something is given. */
export function Welcome() {
  return (
    <div className="mx-auto max-w-3xl py-4">
      <h1 className="text-3xl leading-tight sm:text-4xl">
        Which of your lines belongs on which of your rods?
      </h1>
      <FirstLook />
      <SmallSwing />
      <p className="mt-4">
        Hoxen puts rod, reel, line, tip and leader together, swings the rig in your water, and says what
        holds, what breaks and why. Everything stays in this browser.
      </p>
      <div className="mt-3 flex flex-wrap gap-3">
        <Button weight="strong" onClick={() => void openDemo().catch(noticeFailed)}>
          Try the demo gear
        </Button>
        <Link to="/gear?add" className={buttonLook('plain')}>
          Start with my own
        </Link>
        <Link to="/gear?import" className={buttonLook('plain')}>
          Import a file
        </Link>
        <Link to="/match/look" className={buttonLook('plain')}>
          I have one rod, or none
        </Link>
      </div>
    </div>
  )
}
