import type { Schemas } from '../../api/client'

export type Form = Schemas['BookingForm']
export type Draft = Omit<Schemas['BookingChange'], 'version' | 'customerVersion' | 'bikeVersion'>
export type BikeDetails = Schemas['BikeDetails']
export type CustomerDetails = Schemas['CustomerDetails']

export const PAINTS = ['#2b5d8a', '#2f6f5b', '#b5472f', '#8a5a2b', '#5a4a8f', '#6b7a2e', '#7a3f5f', '#3b7f86', '#5a646b', '#1f2b27']

export function emptyDraft(choices: Form): Draft {
  return {
    customer: { name: '', contact: '' },
    bike: { kind: choices.kinds[0]!.kind, model: '', size: '', frameNumber: '', paint: PAINTS[0]! },
    jobKind: 'DRIVE_KIT',
    wish: '',
    need: {},
    wishes: [],
    legalClass: 'OPEN',
    arrivesOn: '',
  }
}
