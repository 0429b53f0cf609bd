import { useQueryClient } from '@tanstack/react-query'
import { useEffect } from 'react'
import { useToast } from '../ui/toastContext'
import { onSettled } from './intent'

/** Tells what became of commands that got no answer, once the server could be asked. */
export function useSettled() {
  const queries = useQueryClient()
  const toast = useToast()
  useEffect(
    () =>
      onSettled((saved) => {
        void queries.invalidateQueries()
        if (saved) toast.done('It was saved: only the answer was lost.')
        else toast.refused('It was not saved. Do it again.')
      }),
    [queries, toast],
  )
}
