import dynamic from 'next/dynamic'

/** What opens on demand, fetched once the page is at rest so that it opens at the key. */
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

export const HintTip = dynamic(loaders.hintTip, { ssr: false })
export const ChoiceMenu = dynamic(loaders.choiceMenu, { ssr: false })
export const HelpDialog = dynamic(loaders.helpDialog, { ssr: false })
export const FindDialog = dynamic(loaders.findDialog, { ssr: false })
export const ProfileDialog = dynamic(loaders.profileDialog, { ssr: false })
export const KeepDialog = dynamic(loaders.keepDialog, { ssr: false })
export const StaleNotice = dynamic(loaders.staleNotice, { ssr: false })
export const WorkingDialog = dynamic(loaders.workingDialog, { ssr: false })

export const LAZY_LOADERS: (() => Promise<unknown>)[] = Object.values(loaders)
