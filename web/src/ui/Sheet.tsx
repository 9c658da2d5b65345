import { Dialog, DialogBackdrop, DialogPanel, DialogTitle } from '@headlessui/react'
import { X } from 'lucide-react'
import type { ReactNode } from 'react'
import { useBackCloses } from './useBackCloses.ts'

interface Props {
  readonly open: boolean
  readonly title: string
  readonly onClose: () => void
  readonly children: ReactNode
  readonly wide?: boolean
  /** Whether the page's address says that it is open. */
  readonly inAddress?: boolean
}

/** A sheet laid over the page; from below on a phone. */
export function Sheet({ open, title, onClose, children, wide = false, inAddress = false }: Props) {
  useBackCloses(open && !inAddress, onClose)
  return (
    <Dialog open={open} onClose={onClose} className="relative z-50">
      <DialogBackdrop className="fixed inset-0 bg-black/45" />
      <div className="fixed inset-0 flex items-end justify-center sm:items-start sm:pt-[9vh]">
        <DialogPanel
          className={`max-h-[85dvh] w-full overflow-y-auto rounded-t-xl bg-sheet p-5 text-ink shadow-xl sm:rounded-xl ${wide ? 'sm:max-w-3xl' : 'sm:max-w-xl'}`}
        >
          <div className="mb-3 flex items-start justify-between gap-4">
            <DialogTitle className="font-display text-xl font-semibold">{title}</DialogTitle>
            <button
              type="button"
              onClick={onClose}
              aria-label="Close"
              className="-m-2 grid size-11 place-items-center"
            >
              <X size={20} aria-hidden="true" />
            </button>
          </div>
          {children}
        </DialogPanel>
      </div>
    </Dialog>
  )
}
