import { useQueryClient } from '@tanstack/react-query'
import { answered, api, type Schemas } from '../../api/client'
import { useCommand } from '../../api/useCommand'

export type PhotoCard = Schemas['PhotoCard']

/** Takes a picture in; what is no picture is refused and said. */
export function useAddPhoto(job: number) {
  const queries = useQueryClient()
  const add = useCommand((p: { file: File; subject: string; said?: Record<string, string> }) => {
    const form = new FormData()
    form.set('file', p.file)
    form.set('subject', p.subject)
    Object.entries(p.said ?? {}).forEach(([field, value]) => form.set(field, value))
    const cookie =
      document.cookie
        .split('; ')
        .find((c) => c.startsWith('XSRF-TOKEN='))
        ?.slice('XSRF-TOKEN='.length) ?? ''
    return answered<PhotoCard>(
      fetch(`/api/jobs/${job}/photos`, {
        method: 'POST',
        body: form,
        headers: { 'X-XSRF-TOKEN': decodeURIComponent(cookie), 'Idempotency-Key': crypto.randomUUID() },
      }).then(async (response) => {
        const body: unknown = await response.json().catch(() => ({}))
        return response.ok ? { data: body as PhotoCard, response } : { error: body, response }
      }),
    )
  })
  const seen = () => {
    void queries.invalidateQueries({ queryKey: ['sheet', job] })
    void queries.invalidateQueries({ queryKey: ['arrival', job] })
  }
  return {
    ...add,
    send: (file: File, subject: string, said?: Record<string, string>) => add.mutate({ file, subject, said }, { onSuccess: seen }),
  }
}

/** Strikes a picture out with a reason; it stays to be seen. */
export function useStrikeOut(job: number) {
  const queries = useQueryClient()
  return useCommand(async (p: { id: number; reason: string }) => {
    await answered(api.POST('/api/photos/{id}/strike-out', { params: { path: { id: p.id } }, body: { reason: p.reason } }))
    void queries.invalidateQueries({ queryKey: ['sheet', job] })
    void queries.invalidateQueries({ queryKey: ['arrival', job] })
  })
}
