import { useQuery } from '@tanstack/react-query'
import { answered, api, type Schemas } from '../../api/client'
import { useCommand } from '../../api/useCommand'

export type JobMoney = Schemas['JobMoney']
export type Paper = Schemas['MoneyPaperView']
export type OpenJob = Schemas['OpenJob']

const path = (number: number) => ({ path: { number } })

export function useJobMoney(job: number, enabled = true) {
  return useQuery({
    queryKey: ['money', job],
    enabled,
    queryFn: () => answered(api.GET('/api/jobs/{number}/money', { params: path(job) })),
  })
}

export function useOpenMoney(customer?: number) {
  return useQuery({
    queryKey: ['open-money', customer ?? 'all'],
    queryFn: () => answered(api.GET('/api/money', { params: { query: customer === undefined ? {} : { customer } } })),
  })
}

export function usePapers(from: string, to: string) {
  return useQuery({
    queryKey: ['money-papers', from, to],
    queryFn: () => answered(api.GET('/api/money/papers', { params: { query: { from, to } } })),
  })
}

const answers = (job: number) => ({ answers: () => ['money', job], quiet: true })

export const usePay = (job: number) =>
  useCommand(
    (body: Schemas['PaymentGiven']) => answered(api.POST('/api/jobs/{number}/money/payments', { params: path(job), body })),
    answers(job),
  )

export const useWrong = (job: number) =>
  useCommand(
    ({ receipt, reason }: { receipt: string; reason: string }) =>
      answered(
        api.POST('/api/jobs/{number}/money/payments/{receipt}/wrong', { params: { path: { number: job, receipt } }, body: { reason } }),
      ),
    answers(job),
  )

export const useInvoice = (job: number) =>
  useCommand(
    (body: Schemas['InvoiceGiven']) => answered(api.POST('/api/jobs/{number}/money/invoices', { params: path(job), body })),
    answers(job),
  )

export const useCredit = (job: number) =>
  useCommand(
    (body: Schemas['CreditGiven']) => answered(api.POST('/api/jobs/{number}/money/credits', { params: path(job), body })),
    answers(job),
  )
