/** Page Runtime. */

export const buysHours = {
  whatAddsHours: 'What adds hours',
  aim: 'Aim',
  mostHours: 'Most hours',
  leastLost: 'Least lost',
  done: 'Done: {words}.',
  undo: 'Undo',
  tryingWhatCouldBeLeftOff: 'Trying what could be left off…',
  nothingThatCanBeLeftOff:
    'Nothing that can be left off, set back or added would save any of it, or put it off by as much as ten minutes.',
  nothingThatCanBeLeftOff2:
    'Nothing that can be left off, set back or added would gain as much as a few minutes.',
  toBuy: 'to buy: ',
  fewer: 'Fewer',
  more: '{nShown} more',
}

export const ends = {
  notWithin: 'not within {exactDuration}',
  earliest1In10: 'Earliest (1 in 10)',
  mostLikely: 'Most likely',
  text90SureBy: 'At the latest (1 in 10)',
  whenItEnds: 'When it ends',
  fromSimulatedRunsTheWholeOutage:
    'From {runs} simulated runs; {runsText} {reachesFraction, select, yes {lasts} other {last}} the whole outage.',
}

export const energyByLoad = {
  notOnBattery: 'not on battery',
  notCarriedInThisPlan: 'not carried in this plan',
  needsAnotherVoltage: 'needs another voltage',
  itsSourceIsAway: 'its source is away',
  energyByLoadOverTheOutage: 'Energy by load over the outage',
  load: 'Load',
  suppliedOfAsked: 'Supplied of asked',
  asked: 'Asked',
  supplied: 'Supplied',
  shareOfIt: 'Share of it',
  allLoads: 'All loads',
  off: 'off',
}

export const energyPath = {
  whereTheEnergyGoes: 'Where the energy goes',
  toTheOutlets: 'To the outlets',
  inverterIdleDrawNoLoad: 'Inverter, idle draw (no-load)',
  countedBelow: 'counted below',
  conversionLoss: 'Conversion loss',
  ofItStraightToTheLoads: 'Of it straight to the loads, past the battery',
  drainedFromTheBattery: 'Drained from the battery',
  aMedicalDeviceIsOnThis:
    'A medical device is on this plan. It does not replace the supplier’s or doctor’s emergency plan: agree with them what happens when the battery ends.',
}

export const hoursTable = {
  noPower: 'no power',
  hourByHourAsATable: 'Hour by hour, as a table',
  clock: 'Clock',
  chargeMostLikely: 'Charge, most likely',
  likelyRange80: 'Likely range (80 %)',
  watts: 'Watts',
  fromTo: '{low} to {high}',
  whatRuns: 'What runs',
  nothing: 'nothing',
}

export const inForce = {
  inForceInThisOutage: 'In force in this outage',
  inForce: 'In force',
  noLonger: 'no longer',
  noLonger2: 'No longer: {name} {words}',
  off: 'off {pauseWords}',
  offDaily: 'off daily {window}',
  setBack: 'set back {degrees}',
  movedTo: 'moved to {sessionsAt}',
}

export const lane = {
  atArrowsMoveIt: '{load} at {clock}; arrows move it',
  keptOffTo: '{load} kept off {momentOf} to {momentOf2}',
  off: 'off',
  keepOffForAnHour: 'Keep {load} off for an hour',
  keepItOffForAnHour: 'Keep it off for an hour',
  letRunThen: 'Let {load} run then',
  fromTo: 'from {momentOf} to {momentOf2}',
}

export const lanes = {
  whenEachLoadRuns: 'When each load runs',
  aTypicalRunPaleWhereThe:
    'A typical run; pale where the battery is empty. Drag along a lane to keep a load off, or a session to another hour; arrows move, Delete removes.',
  chargingByTheHourOverThe: 'Charging, by the hour: {energy} over the outage',
  noLoadIsCarriedSwitchOne: 'No load is carried. Switch one on in Loads.',
  charging: 'Charging',
}

export const lost = {
  whatIsLostThen: 'What is lost then',
  nobodyIsAwake: ', nobody is awake',
  whatToDoAboutItAnd: 'What to do about it, and how it is known: Hookup',
}

export const medicalQuestion = {
  keepOff: 'Keep {name} off?',
  itIsAMedicalDeviceWhoever:
    'It is a medical device. Whoever depends on it would be without it {hours}. Ask its supplier or a doctor how long that is safe before you plan this.',
  leaveItOn: 'Leave it on',
  keepItOffAllTheSame: 'Keep it off all the same',
}

export const onTheWay = {
  alongTheWay: 'Along the way',
  inOfTheRunsFirstAbout: 'in {percent} of the runs, first about ',
  about: 'about ',
}

export const runtimePage = {
  stateOfCharge: 'State of charge',
  sourceShown: 'Source shown',
  mostLikely: 'most likely',
  likelyRange80: 'likely range (80 %)',
  reserve: 'reserve',
  stateOfCharge2: 'State of charge. {answerText}',
  whenItEndsAndWhereThe: 'When it ends and where the energy goes',
}

export const whatIf = {
  outagesAreTheMostRemoveOne: '{scenarios} outages are the most; remove one first',
  optionsAreTheMostRemoveOne: '{powerSystems} options are the most; remove one first',
  kept: 'Kept: {words}.',
  whatIf: 'What if',
  whatIfItComesWorse: 'What if it comes worse',
  tryingWorseCases: 'Trying worse cases…',
  nothingIsCarriedSoNothingCan: 'Nothing is carried, so nothing can come worse.',
  ifWord: 'If',
  hoursLost: 'Hours lost',
  thenItLastsSure: 'Then it lasts, {percent} sure',
  keepIt: 'Keep it',
  theWholeOutage: 'the whole outage',
  noneThatIsSeen: 'none that is seen',
  noneMoreIsAsked: 'none; more is asked',
  noneWord: 'none',
}

export const eventWords = {
  goesToSleepTooLittleIs: '{source} goes to sleep: too little is drawn',
  itIsTooColdOrToo: 'It is too cold or too hot for {source} where it stands',
  itsBatteriesSwitchThemselvesOffOn:
    '{source}: its batteries switch themselves off on low volts, before the reserve',
  cutsOffOnLowVoltsBefore: '{source} cuts off on low volts, before its reserve',
  isEmpty: '{source} is empty',
  takesOver: '{source} takes over',
  defrosts: '{load} defrosts',
  aDefrostOfEmpties: 'A defrost of {load} empties {source}',
  startsPastTheSurgeLimit: '{load} starts past the surge limit',
  takesItPastTheContinuousLimit: '{load} takes it past the continuous limit',
}

export const keepWorse = {
  somethingForgotten: 'Something forgotten',
  aged: '{system}, aged',
}

export const worseWords = {
  thePumpRunsTwiceAsOften: 'The pump runs twice as often',
  colder: '{degrees} colder',
  hotter: '{degrees} hotter',
  theBatteryHasAgedLess: 'The battery has aged: {percent} less',
  doorsAreOpenedTwiceAsOften: 'Doors are opened twice as often',
  aDayLonger: 'A day longer',
  dullDays: 'Dull days',
  oneLoadForgottenAllDay: 'One load forgotten: {watts} all day',
  keepAsAnOutage: 'Keep as an outage',
  keepAsAnOption: 'Keep as an option',
  planForIt: 'Plan for it',
}
