import { useQuery } from '@tanstack/react-query'
import { answered, api, type Schemas } from '../../api/client'
import { useCommand } from '../../api/useCommand'

export type ShopView = Schemas['ShopView']
export type TeamView = Schemas['TeamView']
export type TeamMember = Schemas['TeamMember']
export type DayHours = Schemas['DayHours']
export type Grade = Schemas['GradedSkill']['grade']

/** The stands, the hours of a week and the days on which nobody is there. */
export function useShop() {
  return useQuery({ queryKey: ['shop'], queryFn: () => answered(api.GET('/api/shop')) })
}

export function useChangeShop() {
  return useCommand((given: Schemas['ShopGiven']) => answered(api.PUT('/api/shop', { body: given })), {
    answers: () => ['shop'],
    quiet: true,
  })
}

/** Who is skilled in what and works when. */
export function useTeam() {
  return useQuery({ queryKey: ['people'], queryFn: () => answered(api.GET('/api/people')) })
}

export function useChangeMember(username: string) {
  return useCommand(
    (given: Schemas['TeamMemberGiven']) => answered(api.PUT('/api/people/{username}', { params: { path: { username } }, body: given })),
    { answers: () => ['people'], quiet: true },
  )
}
