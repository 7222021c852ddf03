/** Keeping, opening and deleting a household. */

export const deletePanel = {
  signedOutThisBrowserForgetsAll:
    'Signed out, this browser forgets all its households. They stay, and a code opens each again: make one first, under “Another device”.',
  signOutInThisBrowser: 'Sign out in this browser',
  goesForGoodItsEarlierVersions:
    '{profile} goes for good: its earlier versions and codes too, for everybody who opened it. Nobody can bring it back but from a file.',
  saveToAFileFirst: 'Save to a file first',
  yesDelete: 'Yes, delete {profile}',
  deleteIt: 'Delete it',
}

export const filePanel = {
  isLargerThanAnyHousehold200: '{file} is larger than any household: 200 MB at most.',
  cannotBeOpened: '{file} cannot be opened: {path} {message}.',
  theHouseholdIsHereNotAll: 'The household is here; not all of its runs are: {message}',
  theWholeHouseholdInOneFile:
    'The whole household in one file: loads, outages, power systems, own equipment, test runs with their photos. Open it here or anywhere else Yotrope runs.',
  saveToAFile: 'Save to a file',
  openAFile: 'Open a file',
  whatTheFileWouldChange: 'What the file would change',
  from: '{profile}, from {opened}',
  inThePlaceOfThisHousehold: 'In the place of this household it would change:',
  text1Run: '1 run',
  runs: '{nRuns} runs',
  besideThoseThatAreHere: '{nRuns} beside those that are here',
  putItInThisOnesPlace: 'Put it in this one’s place',
  addItBesideThisOne: 'Add it beside this one',
  putInItsPlaceUndoTakes:
    'Put in its place, Undo takes it back, and what was there stays among the earlier versions.',
}

export const keepDialog = {
  anotherDevice: 'Another device',
  file: 'File',
  earlierVersions: 'Earlier versions',
  leaveOrDelete: 'Leave or delete',
  keepThisHousehold: 'Keep this household',
}

export const openByCode = {
  openAHousehold: 'Open a household',
  withTheCodeThatWasShown:
    'With the code that was shown under “Keep this household” on the device it was made on.',
  code: 'Code',
  text7k2m09pqRs4tWxyz1234: '7K2M-09PQ-RS4T-WXYZ-1234',
  capitalsAndDashesDoNotMatter: 'Capitals and dashes do not matter.',
  whoeverOpensItCanChangeIt: 'Whoever opens it can change it.',
  openIt: 'Open it',
}

export const recoveryPanel = {
  whoOpenedIt: 'Who opened the household by this code',
  itOpenedItFor:
    'By this code {others, plural, one {one other browser} other {# other browsers}} opened the household and still {others, plural, one {has} other {have}} it:',
  openedAndSeen: 'opened {opened}, last seen {seen}',
  notSince: 'not since',
  revokeAndEndAccess: 'Revoke, and close it to them',
  revokeTheCodeAlone: 'Revoke the code alone',
  keepTheCode: 'Keep the code',
  whoeverHasTheCodeCanSee:
    'Whoever has the code can see and change this household, here or on another device. It is the only way back when this browser’s data is cleared: write it down, or print it.',
  thisAddressIsOfThisComputer:
    'This address is of this computer alone; another device must be able to reach Yotrope at one of its own.',
  theLinkAsAQrCode: 'The link as a QR code',
  itIsShownThisOnceAfterwards:
    '<b>It is shown this once.</b> Afterwards nobody can tell it, only make another.',
  copyTheCode: 'Copy the code',
  makeACode: 'Make a code',
  codesOfThisHousehold: 'Codes of this household',
  revoke: 'Revoke',
  made: 'Made {momentWords}',
  lastUsed: 'last used {momentWords}',
  neverUsed: 'never used',
  noCodeYet: 'No code yet.',
}

export const versionsPanel = {
  theLastFiftySavesAMinute: 'The last fifty saves a minute or more apart, then one a day for ninety days.',
  fetchingEarlierVersions: 'Fetching earlier versions',
  noneYetNothingHasBeenChanged: 'None yet: nothing has been changed.',
  earlierVersions: 'Earlier versions',
  bringItBack: 'Bring it back',
  afterIt: 'after it: {changeWords}',
  cannotBeReadByThisRelease: 'cannot be read by this release',
  undoTakesItBackAgain: 'Undo takes it back again.',
}

export const call = {
  itDidNotWork: 'It did not work.',
  yotropeIsNotAnsweringTryAgain: 'Yotrope is not answering. Try again when it is back.',
}

export const changeWords = {
  nothing: 'nothing',
  scenarios: '{count, plural, one {# outage} other {# outages}}',
  loads: '{count, plural, one {# load} other {# loads}}',
  powerSystems: '{count, plural, one {# power system} other {# power systems}}',
  equipment: '{count, plural, one {# piece of own equipment} other {# pieces of own equipment}}',
  line: '{things} {what, select, added {added} removed {removed} other {changed}}: {names}{more, plural, =0 {} other { and # more}}',
  nameMainsOrCurrency: 'name, mains or currency',
  panelsGeneratorOrCar: 'panels, generator or car',
  cordsCablesOrWhatIsAt: 'cords, cables or what is at risk',
  whatIsSelectedOrWhatIs: 'what is selected, or what is plugged in where',
}

export const saveFile = {
  whatIsNotOnThisDevice:
    'What is not on this device of your runs and photos is not in the file: there was no connection to fetch it.',
}
