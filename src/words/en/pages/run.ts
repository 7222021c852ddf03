/** Page Test run. */

export const compareRuns = {
  oneOfTheTwoRunsIs: 'One of the two runs is not here. It may have been deleted.',
  allRuns: 'All runs',
  twoRunsCompared: 'Two runs compared',
  chargeOfBothRunsByThe: 'Charge of both runs by the hour; the values stand in the table below.',
}

export const liveRun = {
  thisRunIsNotHereIt: 'This run is not here. It may have been deleted.',
  allRuns: 'All runs',
  since: 'since {momentOf} · <span>{syncWords}</span>',
  thisDevicesClockIsMinThe:
    'This device’s clock is {clockAheadMs} min {clockAheadMs2, select, yes {ahead of} other {behind}} the server’s. Set it, or give the time with each reading.',
  notSentItIsKeptOn: 'Not sent: {message} It is kept on this device.',
  chargeReadingsOverTheLikelyRange: 'Charge: readings over the likely range; dashed as planned. {endWords}',
  whatDoesNotFitTheReadings: 'What does not fit the readings',
}

export const runFacts = {
  mostLikelyEmpty: 'most likely empty',
  likelyTo: '{percent}, likely {percent2} to {percent3}',
  notInSightAfter: 'not in sight after {duration}',
  inWord: '{momentOf}, in {duration}',
  atTheLastReading: 'At the last reading',
  stopItBy: 'Stop it by',
  atBedtime: 'At bedtime',
  atDawn: 'At dawn',
  chanceToLastToTheMorning: 'Chance to last to the morning',
  byPlanAndReadings: 'By plan and readings',
  byTheStraightLine: 'By the straight line',
  fromTheSecondReadingOn: 'from the second reading on',
  byTheWattsOfThisMoment: 'By the watts of this moment',
  ifContinue: 'If {watts} continue',
  whenWattsWereRead: 'when watts were read',
  asPlanned: 'As planned',
  charge: 'Charge',
  empty: 'Empty',
}

export const runHistory = {
  readARunFromAFile: 'Read a run from a file',
  compareIt: 'Compare it',
  compare: 'Compare {run}, {when}',
  run: 'Run',
  began: 'Began',
  entries: 'Entries',
  deleteIt: 'Delete it',
  deleteWord: 'Delete',
  deleteWord2: 'Delete {run}, {when}',
  runsSoFar: 'Runs so far',
  compareTheTwo: 'Compare the two',
  tickTwoToCompareThem: 'Tick two to compare them',
  deleteWord3: 'Delete {asked}?',
  keepIt: 'Keep it',
  deleteTheRun: 'Delete the run',
  allEntriesOfGoWithIt: 'All {entries} entries of {when} go with it, on every device. This cannot be undone.',
}

export const runKeys = {
  switched: 'Switched',
  charged: 'Charged',
  temperature: 'Temperature',
  note: 'Note',
  end: 'End',
  writeDownAReading: 'Write down a reading',
  photo: 'Photo',
  photoOfADisplay: 'Photo of a display',
  carryOn: 'Carry on',
  pause: 'Pause',
}

export const runLog = {
  aFirstLineWithNamesAnd: '{file}: a first line with names and a line of figures at least are needed.',
  whatIsNotOnThisDevice: 'What is not on this device of this run is not in the file.',
  theLog: 'The log',
  readACsv: 'Read a CSV',
  saveAsCsv: 'Save as CSV',
  saveAsJson: 'Save as JSON',
  clock: 'Clock',
  what: 'What',
  correctIt: 'Correct it',
  corrected: '(corrected)',
  confirmed: '(confirmed)',
  correct: 'Correct',
  correct2: 'Correct {entryWords}',
  earlierOnesAreInTheFiles: '{nStanding} earlier ones are in the files.',
}

export const runPhoto = {
  photoOfADisplayKb: 'Photo of a display, {number} kB',
  aPhoto: 'A photo',
  photo: 'Photo',
}

export const sheetKeys = {
  print: 'Print',
  allRuns: 'All runs',
}

export const stationLine = {
  askingTheStation: 'Asking the station…',
  theStationLogsByItself: 'The station logs by itself: {chargePercent} %, {watts}.',
  stopLogging: 'Stop logging',
  letAStationLogByItself: 'Let a station log by itself',
}

export const syncWords = {
  text1Entry: '1 entry',
  entries: '{unsent} entries',
  keptOnThisDevice: 'kept on this device',
  sending: 'sending {entries}',
  noConnectionAllOfItIs: 'no connection; all of it is on this device',
  noConnectionKeptOnThisDevice: 'no connection; {entries} kept on this device, sent when it is back',
  onThisDeviceOnly: '{entries} on this device only',
  deletedElsewhere: 'deleted elsewhere',
}

export const usePrediction = {
  thePredictionCouldNotBeWorked: 'The prediction could not be worked out.',
}

export const useRuns = {
  theServerDidNotDeleteIt: 'The server did not delete it. Try again later.',
  thereIsNoConnectionDeleteIt: 'There is no connection. Delete it when it is back.',
  cannotBeRead: '{file} cannot be read: {path} {message}.',
  couldNotBeKept: '{file} could not be kept: {trouble}',
}
