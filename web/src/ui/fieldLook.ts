export const fieldLook =
  'mt-1 block min-h-11 w-full rounded-md border border-ink/50 bg-sheet px-3 text-[1rem] aria-invalid:border-2 aria-invalid:border-breaks'
