import type { components } from './schema'

/** Names for what the server describes in docs/formats/openapi.json. */
type Schemas = components['schemas']
export type Cue = Schemas['Cue']
export type Rack = Schemas['Rack']
export type Pull = Schemas['Pull']
export type EventSample = Schemas['EventSample']
export type Part = Schemas['Part']
export type CardPart = Schemas['CardPart']
export type SoundPart = Schemas['SoundPart']
export type ReplyPart = Schemas['ReplyPart']
export type Anchor = Schemas['Anchor']
export type Gate = Schemas['Gate']
export type WhoGate = Schemas['WhoGate']
export type CooldownGate = Schemas['CooldownGate']
export type ArgumentGate = Schemas['ArgumentGate']
export type ChanceGate = Schemas['ChanceGate']
export type AirGate = Schemas['AirGate']
export type LimitGate = Schemas['LimitGate']
export type ConditionGate = Schemas['ConditionGate']
export type PriceGate = Schemas['PriceGate']
export type Evening = Schemas['Evening']
export type House = Schemas['House']
export type Remark = Schemas['RemarkView']
export type Standing = WhoGate['standings'][number]
export type Stage = Schemas['Stage']
export type CueView = Schemas['CueView']
export type RackView = Schemas['RackView']
export type MediaView = Schemas['MediaView']
export type WiringView = Schemas['WiringView']
export type DecisionNotice = Schemas['DecisionNotice']
export type RingNotice = Schemas['RingNotice']
export type PartNotice = Schemas['PartNotice']
export type PageNotice = Schemas['PageNotice']
export type LiveStanding = Schemas['LiveStanding']
export type Viewer = Schemas['Viewer']
export type MixerStanding = Schemas['MixerStanding']
export type ReportView = Schemas['ReportView']
export type EveningView = Schemas['EveningView']
export type PlayedRing = Schemas['PlayedRing']
export type HeldMark = Schemas['HeldMark']
export type ListedScript = Schemas['Listed']
export type RehearsalStanding = Schemas['Standing']
export type MadeUp = Schemas['MadeUp']
export type Wanted = Schemas['Wanted']
export type EditLine = Schemas['EditLine']
export type ImportPreview = Schemas['ImportPreview']
export type ConditionTried = Schemas['ConditionTried']
export type CrowdStanding = Schemas['CrowdStanding']
export type Lane = PartNotice['lane']

/** One reason why something was refused. */
export interface Problem {
  path: string
  value: string
  message: string
  remedy: string
}
