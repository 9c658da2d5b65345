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
        Rod, head, tip, leader, running line and reel are put together, let swing in your water, and every
        line says what holds and why. Everything stays in this browser.
      </p>
      <div className="mt-3 flex flex-wrap gap-3">
        <Button weight="strong" onClick={() => void openDemo().catch(noticeFailed)}>
          Look round with the demo gear
        </Button>
        <Link to="/gear?add" className={buttonLook('plain')}>
          Start with my own
        </Link>
        <Link to="/gear?import" className={buttonLook('plain')}>
          Bring a file
        </Link>
        <Link to="/match/look" className={buttonLook('plain')}>
          I have one rod, or none
        </Link>
      </div>
    </div>
  )
}
