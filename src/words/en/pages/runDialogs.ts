/** Page Test run: what is begun, entered and finished. */

export const beginRun = {
  testOf: 'Test of {source}',
  outage: 'Outage',
  atHome: 'At home: {atHome}',
  beginATestRun: 'Begin a test run',
  thePowerIsOut: 'The power is out',
  tryItCutThePowerOn: 'Try it: cut the power on purpose',
  runTheLoadsOfThisPlan:
    'Run the loads of this plan from the battery and write down what its display says now and then. After a few readings the end is predicted, with what the plan had wrong.',
  writeDownWhatTheDisplaySays:
    'Write down what the display says now and then; the end is predicted from this plan and your readings.',
  batteryWatched: 'Battery watched',
  itsChargeNow: 'Its charge now, %',
  aPercentageFrom0To100: 'A percentage from 0 to 100, as the display says.',
  whoIsAtHome: 'Who is at home',
  ifItMattersLater: 'if it matters later',
  beginTheTestRun: 'Begin the test run',
  beginThePowerIsOut: 'Begin: the power is out',
  workingOutHowLongItMust: 'Working out how long it must run…',
  toMeasureAStartPullThe:
    'To measure a start: pull the plug for two minutes, plug it in and read the peak the display shows. The plan has the battery at {percent} and {scenario}’s weather.',
}

export const dropNow = {
  whatToDropNow: 'What to drop now',
  tryingWhatCouldBeDropped: 'Trying what could be dropped…',
  whatAddsHoursFromHere: 'What adds hours from here?',
  nothingThatCouldBeDroppedWould: 'Nothing that could be dropped would gain as much as a few minutes.',
}

export const eventDialog = {
  whatWasSwitched: 'What was switched?',
  chargedOrAnotherTookOver: 'Charged, or another took over?',
  aTemperatureOrTheWatersLevel: 'A temperature, or the water’s level',
  aNote: 'A note',
  howDidItEnd: 'How did it end?',
  theRoom: 'the room',
  outdoors: 'outdoors',
  inARefrigerator: 'in a refrigerator',
  inAFreezer: 'in a freezer',
  waterInThePit: 'water in the pit',
  save: 'Save',
  which: 'Which',
  what: 'What',
  switchedOffOrPulled: 'switched off or pulled',
  switchedOnOrPluggedIn: 'switched on or plugged in',
  usedOnce: 'used once',
  itsChargeNow: 'Its charge now, %',
  where: 'Where',
  belowTheRimCm: 'Below the rim, cm',
  whatHappened: 'What happened',
  itEndedBecause: 'It ended because',
  theBatteryWasEmpty: 'the battery was empty',
  itWasStoppedEarly: 'it was stopped early',
  theGridCameBack: 'the grid came back',
}

export const finishRun = {
  text1Figure: '1 figure',
  figures: '{count} figures',
  hadBeenChangedSinceAndStay: '; {changed} had been changed since and stay',
  takenOverAsTested: 'Taken over: {figures} as tested{changed}.',
  itsStart: '{find}: its start',
  notKnown: 'not known',
  whatWasLearned: 'What was learned',
  shorter: 'shorter',
  longer: 'longer',
  nothingIsLearnedOfTheHours:
    'Nothing is learned of the hours from a run that contradicts its plan: find out first what was otherwise.',
  theReadingsAgreeWithThePlan: 'The readings agree with the plan; nothing in it is known better than before.',
  ofWord: 'Of',
  was: 'Was',
  isAsTested: 'Is, as tested',
  takeTheLearnedValuesOver: 'Take the learned values over',
  theyAreDatedWithThisRun:
    'They are dated with this run and grow less sure with the months: a load’s range by 2 % a month, a battery loses 2 % of its capacity a year.',
}

export const readingDialog = {
  correctAReading: 'Correct a reading',
  whatDoesTheDisplaySay: 'What does the display say?',
  itIsSoKeepIt: 'It is so: keep it',
  save: 'Save',
  startOf: 'Start of',
  withEverythingElseOffSoThat: 'With everything else off, so that the peak is this start alone.',
  severalAtOnce: 'several at once',
  voltsAmpHoursWattHoursA: 'Volts, amp-hours, watt-hours, a meter, a peak',
  whenIfNotNow: 'When, if not now',
  suchAs1830: 'such as 18:30',
}

export const sheetDialog = {
  chargePercent: 'charge, %',
  notRead: 'not read',
  timeOfDay: 'time of day',
  dateAndTime: 'date and time',
  hoursSinceTheStart: 'hours since the start',
  wattsNow: 'watts now',
  wattHoursOut: 'watt-hours out',
  ampHoursOut: 'amp-hours out',
  plugInMeterKwh: 'plug-in meter, kWh',
  voltsUnderLoad: 'volts under load',
  voltsAtRest: 'volts at rest',
  peakW: 'peak, W',
  note: 'note',
  aSheetOfReadings: 'A sheet of readings',
  add1Entry: 'Add 1 entry',
  addEntries: 'Add {nEntries} entries',
  column: 'Column {i}',
  oneColumnMustHoldTheTime: 'One column must hold the time: of day, with the date, or hours since the start.',
  oneLineIs: 'One line is',
  linesAre: '{nDoubts} lines are',
  ofATimeBeforeTheRun:
    '{nDoubts} of a time before the run began or still to come. Is it another run’s sheet, or a clock that is off?',
  lineIsLeftOut: 'Line {line} is left out: {message}',
  andMore: 'and {nRefused} more',
}

export const stationDialog = {
  asItIs: 'as it is',
  anHourInAMinute: 'an hour in a minute',
  tenHoursInAMinute: 'ten hours in a minute',
  anHourInASecond: 'an hour in a second',
  showsWhatIsThere: 'shows what is there',
  shows3PointsTooMuch: 'shows 3 points too much',
  shows3PointsTooLittle: 'shows 3 points too little',
  letTheStationLogByItself: 'Let the station log by itself',
  startLogging: 'Start logging',
  withNoHardwareASimulatedStation:
    'With no hardware: a simulated station runs these loads by chance and tells its charge and watts as a real one would. What it tells is made up; try it in a test run of its own.',
  itsClock: 'Its clock',
  itsDisplay: 'Its display',
}

export const entryWords = {
  empty: 'empty',
  stoppedEarly: 'stopped early',
  theGridIsBack: 'the grid is back',
  atTheStartOf: '{readingWords} at the start of {load}',
  switchedOn: 'switched on',
  switchedOff: 'switched off',
  usedOnce: 'used once',
  chargedTo: '{source} charged to {percent}',
  at: ' at {percent}',
  takesOver: '{source} takes over{toFraction}',
  waterCmBelowTheRim: 'water {number} cm below the rim',
  aPhoto: 'a photo',
  carriedOn: 'carried on{toFraction}',
  ended: 'ended: {ends}',
}

export const eventEntry = {
  itsChargeInPercent0To: 'Its charge in percent, 0 to 100, as the display has it now.',
  aNumberSuchAs4: 'A number, such as 4.',
  cmIsNoDepthOfA: '{text} cm is no depth of a pit.',
  isNoTemperatureOfAHouse: '{text} is no temperature of a house.',
  nothingWasWritten: 'Nothing was written.',
}

export const readingForm = {
  charge: 'Charge',
  wattsNow: 'Watts now',
  wattHoursOut: 'Watt-hours out',
  ampHoursOut: 'Amp-hours out',
  plugInMeter: 'Plug-in meter',
  voltsUnderLoad: 'Volts under load',
  voltsAtRest: 'Volts at rest',
  peakAtAStart: 'Peak at a start',
  isNoNumberInSuchAs: '“{text}” is no number. {label} in {unit}, such as {unit2}.',
  isNeverBelow0: '{label} is never below 0.',
  isMoreThanFull0To: '{text} % is more than full: 0 to 100.',
  isMoreThanThisCanBe: '{text} {unit} is more than this can be.',
  nothingWasTypedOneFigureIs: 'Nothing was typed. One figure is enough, such as the percent of the display.',
  out: ' out',
  onTheMeter: ' on the meter',
  underLoad: ' under load',
  atRest: ' at rest',
  peak: ' peak',
}
