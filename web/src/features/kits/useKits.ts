import { useQuery } from '@tanstack/react-query'
import { answered, api, type Schemas } from '../../api/client'
import { useCommand } from '../../api/useCommand'
import { useQueryClient } from '@tanstack/react-query'

export type SheetHead = Schemas['SheetHead']

export function useShelf() {
  return useQuery({ queryKey: ['kits'], queryFn: () => answered(api.GET('/api/kits')) })
}

export function useSheetText(code: string) {
  return useQuery({
    queryKey: ['kit-sheet', code],
    queryFn: () => answered(api.GET('/api/kits/{sheet}', { params: { path: { sheet: code } } })),
    enabled: code !== '',
  })
}

/** A sheet as it was read; `seen` is the version it builds on, none for a sheet that is new. */
export function useSaveSheet() {
  const queries = useQueryClient()
  return useCommand(
    async (sheet: { text: string; seen?: number; reason: string }) => {
      const saved = await answered(api.POST('/api/kits', { body: sheet }))
      queries.setQueryData(['kit-sheet', saved.code], saved)
      void queries.invalidateQueries({ queryKey: ['kits'] })
      return saved
    },
    { quiet: true },
  )
}

export function useBatteryText(code: string) {
  return useQuery({
    queryKey: ['battery-sheet', code],
    queryFn: () => answered(api.GET('/api/batteries/{battery}', { params: { path: { battery: code } } })),
    enabled: code !== '',
  })
}

export function useSaveBattery() {
  const queries = useQueryClient()
  return useCommand(
    async (sheet: { text: string; seen?: number; reason: string }) => {
      const saved = await answered(api.POST('/api/batteries', { body: sheet }))
      queries.setQueryData(['battery-sheet', saved.code], saved)
      void queries.invalidateQueries({ queryKey: ['kits'] })
      return saved
    },
    { quiet: true },
  )
}

export function useSetPrices() {
  const queries = useQueryClient()
  return useCommand(
    async (csv: string) => {
      const set = await answered(api.POST('/api/prices', { body: { csv } }))
      void queries.invalidateQueries()
      return set
    },
    { quiet: true },
  )
}
