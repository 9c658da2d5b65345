import type { EvidenceTag } from '@hoxen/core/quantity'
import { TAG_NAMES } from '@hoxen/core/words'
import { Note } from './Note.tsx'

/** Evidence tag beside a figure; asked, it says what it stands for. */
export function Tag({ tag }: { readonly tag: EvidenceTag }) {
  const solid = tag === 'standard' || tag === 'physics' || tag === 'log' || tag === 'printed'
  return (
    <Note
      about={`tag-${tag}`}
      className={`inline-block self-start whitespace-nowrap align-middle font-text font-normal tracking-normal rounded-sm border px-1.5 py-px text-[0.75rem] text-faint ${solid ? 'border-faint' : 'border-dashed border-faint'}`}
    >
      {TAG_NAMES[tag]}
    </Note>
  )
}
