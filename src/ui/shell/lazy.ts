import dynamic from 'next/dynamic'
import { part } from './part'

/** What opens on demand, above the page. */
const loaders = {
  hintTip: () => import('../help/HintTip').then((module) => module.HintTip),
  choiceMenu: () => import('./ChoiceMenu').then((module) => module.ChoiceMenu),
  helpDialog: () => import('../help/HelpDialog').then((module) => module.HelpDialog),
  findDialog: () => import('./FindDialog').then((module) => module.FindDialog),
  profileDialog: () => import('./ProfileDialog').then((module) => module.ProfileDialog),
  keepDialog: () => import('../keep/KeepDialog').then((module) => module.KeepDialog),
  staleNotice: () => import('./StaleNotice').then((module) => module.StaleNotice),
  workingDialog: () => import('../strip/WorkingDialog').then((module) => module.WorkingDialog),
}

export const HintTip = part(dynamic(loaders.hintTip, { ssr: false }), loaders.hintTip, 'above it')
export const ChoiceMenu = part(dynamic(loaders.choiceMenu, { ssr: false }), loaders.choiceMenu, 'above it')
export const HelpDialog = part(dynamic(loaders.helpDialog, { ssr: false }), loaders.helpDialog, 'above it')
export const FindDialog = part(dynamic(loaders.findDialog, { ssr: false }), loaders.findDialog, 'above it')
export const ProfileDialog = part(
  dynamic(loaders.profileDialog, { ssr: false }),
  loaders.profileDialog,
  'above it',
)
export const KeepDialog = part(dynamic(loaders.keepDialog, { ssr: false }), loaders.keepDialog, 'above it')
export const StaleNotice = part(dynamic(loaders.staleNotice, { ssr: false }), loaders.staleNotice, 'above it')
export const WorkingDialog = part(
  dynamic(loaders.workingDialog, { ssr: false }),
  loaders.workingDialog,
  'above it',
)
