import { useId, useState } from 'react'
import { commit, newId, noticeFailed, useList } from '../../store/index.ts'
import { Button, fieldLook } from '../../ui/index.ts'
import { shrunk } from './photo.ts'

interface Props {
  readonly photoId: string | undefined
  readonly entryId: string
  readonly onError: (sentence: string | undefined) => void
}

/** The photo of a swing, shrunk here before it is kept. */
export function EntryPhoto({ photoId, entryId, onError }: Props) {
  const id = useId()
  const photo = useList('photos')?.find((one) => one.id === photoId)
  const [busy, setBusy] = useState(false)
  const put = (data: string | undefined): Promise<boolean> =>
    commit(data === undefined ? 'Delete a photo' : 'Add a photo', async (tx) => {
      const entry = await tx.find('entries', entryId)
      if (entry === undefined) return
      if (entry.photoId !== undefined) tx.remove('photos', [entry.photoId])
      const { photoId: _was, ...rest } = entry
      const next = data === undefined ? undefined : newId('photo')
      if (next !== undefined && data !== undefined) tx.put('photos', [{ id: next, data }])
      tx.put('entries', [next === undefined ? rest : { ...rest, photoId: next }])
    })
  const take = async (file: File): Promise<void> => {
    setBusy(true)
    onError(undefined)
    try {
      await put(await shrunk(file))
    } catch (error) {
      onError(error instanceof Error ? error.message : 'The photo couldn’t be saved. Nothing was changed.')
    } finally {
      setBusy(false)
    }
  }
  return (
    <div>
      <label htmlFor={id} className="block text-sm text-faint">
        {busy ? 'Making it small…' : photo === undefined ? 'Photo' : 'Another photo'}
      </label>
      {photo !== undefined && (
        <img src={photo.data} alt="Seen on this swing" className="mb-1 max-h-48 rounded border border-rule" />
      )}
      <input
        id={id}
        type="file"
        accept="image/*"
        disabled={busy}
        className={`${fieldLook} py-2`}
        onChange={(event) => {
          const [file] = event.target.files ?? []
          if (file) void take(file)
          event.target.value = ''
        }}
      />
      {photo !== undefined && (
        <Button weight="quiet" className="px-0" onClick={() => void put(undefined).catch(noticeFailed)}>
          Delete photo
        </Button>
      )}
    </div>
  )
}
