import { useQuery } from '@tanstack/react-query'
import { answered, api, type Schemas } from '../../api/client'

export type CustomerView = Schemas['CustomerView']
export type BikeView = Schemas['BikeView']
export type JobLine = Schemas['JobLine']

export function useCustomer(id: number) {
  return useQuery({ queryKey: ['customer', id], queryFn: () => answered(api.GET('/api/customers/{id}', { params: { path: { id } } })) })
}

export function useBike(id: number) {
  return useQuery({ queryKey: ['bike', id], queryFn: () => answered(api.GET('/api/bikes/{id}', { params: { path: { id } } })) })
}
