import { useMutation, useQueryClient, type QueryKey } from '@tanstack/react-query'
import { useToast } from '../ui/toastContext'
import { ProblemError } from './client'

/**
 * A command: what it answers replaces the view's data at once; a refusal is shown unless the caller shows it beside its field.
 */
export function useCommand<A, T>(
  run: (argument: A) => Promise<T>,
  options: { answers?: (argument: A) => QueryKey; quiet?: boolean; onDone?: (answer: T) => void } = {},
) {
  const queries = useQueryClient()
  const toast = useToast()
  return useMutation<T, ProblemError, A>({
    mutationFn: run,
    onSuccess: (data, argument) => {
      if (options.answers) queries.setQueryData(options.answers(argument), data)
      options.onDone?.(data)
    },
    onError: (error) => {
      if (!options.quiet) toast.refused(error.message)
    },
  })
}
