import { sayFileDue } from '@hoxen/core/words'
import { Link } from 'react-router'
import { useUnsaved } from '../store/index.ts'
import { longDay } from '../ui/index.ts'

/** A reminder comes when so much has changed, and so long ago it was saved last. */
const MANY = 20
const LONG_MS = 14 * 86_400_000

/** Says quietly that a file is due: by what has changed, and by how long ago the last one was. */
export function BackupReminder() {
  const since = useUnsaved()
  if (since === undefined || since.changed < MANY) return null
  const { savedMs, changed } = since
  if (savedMs !== undefined && Date.now() - savedMs < LONG_MS) return null
  return (
    <p className="no-print mt-3 text-[0.9rem] text-faint" data-backup={changed}>
      {sayFileDue(changed, savedMs === undefined ? undefined : longDay(savedMs))}{' '}
      <Link to="/settings" className="underline underline-offset-4">
        Save or send them
      </Link>
    </p>
  )
}
