export const fieldLook =
  'mt-1 block min-h-11 w-full rounded-md border border-ink/50 bg-sheet pl-3 not-[select]:pr-3 text-[1rem] aria-invalid:border-2 aria-invalid:border-breaks'
