import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { answered, api, type Schemas } from '../../api/client'

export type KnownCustomer = Schemas['KnownCustomer']
export type KnownBike = Schemas['KnownBike']
export type JobKind = Schemas['JobCard']['jobKind']

export function useBookingForm() {
  return useQuery({ queryKey: ['booking-form'], queryFn: () => answered(api.GET('/api/booking-form')), staleTime: 60_000 })
}

/** Customers by name, phone, bike or frame number. */
export function useKnown(text: string, asked: boolean) {
  return useQuery({
    queryKey: ['customers', text],
    queryFn: () => answered(api.GET('/api/customers', { params: { query: { text } } })),
    enabled: asked && text.trim().length > 1,
    placeholderData: keepPreviousData,
  })
}

/** Customers who may be the one whose name and contact were typed. */
export function useAlike(name: string, contact: string, asked: boolean) {
  return useQuery({
    queryKey: ['customers', 'alike', name, contact],
    queryFn: () => answered(api.GET('/api/customers/alike', { params: { query: { name, contact } } })),
    enabled: asked && name.trim().length > 2,
    placeholderData: keepPreviousData,
  })
}

/** What the next weeks look like for a job of that kind. */
export function useDays(jobKind: JobKind) {
  return useQuery({
    queryKey: ['days', jobKind],
    queryFn: () => answered(api.GET('/api/plan/days', { params: { query: { jobKind } } })),
    placeholderData: keepPreviousData,
  })
}
