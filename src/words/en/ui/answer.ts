/** The answer above every page. */

export const answerSentence = {
  criticalLoadsOnly: 'Critical loads only',
  criticalAndFlexibleLoads: 'Critical and flexible loads',
  allLoadsOnBattery: 'All loads on battery',
  theWorking: 'The working',
}

export const answerStrip = {
  theAnswer: 'The answer',
  outOfDateOpenForWhy: 'Out of date: open for why',
  workingOutTheAnswer: 'Working out the answer…',
  outOfDate: 'Out of date.',
  noAnswer: 'No answer.',
  theAnswerOnShowIsOf: 'The answer on show is of before the last change.',
  workingOutTheAnswer2: 'Working out the answer',
}

export const gateView = {
  theWorking: 'The working',
  enough: 'enough',
  short: 'short',
}

export const heldTexts = {
  notCountedInThisAnswer: 'Not counted in this answer:',
  ofWord: ' of {scopeName}',
  counts: ' ({counts} counts)',
  inWord: '“{text}” in {label}{scopeName}{counts}',
}

export const measureList = {
  itsOwnDraw: '{name}’s own draw',
  whatIsWorthMeasuringIsBeing: 'What is worth measuring is being worked out…',
  nothingLeftToMeasureWouldNarrow: 'Nothing left to measure would narrow the answer by much.',
  wouldNarrowTheBandFromTo: 'would narrow the band from {duration} to {duration2}',
}

export const measureNext = {
  whatToMeasureNext: 'What to measure next',
}

export const foldedWords = {
  runningPowerShort: 'Running power short',
  startingSurgeShort: 'starting surge short',
  nothingIsCarried: 'nothing is carried',
  short: '{duration} short',
  lastsThe: 'Lasts the {exactDuration}',
  ends: 'Ends {ends} · {short}',
  atConfidence: '{short} at {percent} confidence',
}

export const gateFigures = {
  runningPower: 'Running power',
  startingSurge: 'Starting surge',
  nothingStarts: 'nothing starts',
  runtime: 'Runtime',
  ofWord: 'of {number}',
  nothingIsCarried: 'nothing is carried',
  withConfidence: 'with {percent} confidence',
  short: '{duration} short {surely}',
  orLonger: 'or longer, {surely}',
  recharge: 'Recharge',
  notPlannedYet: 'not planned yet',
  ofADayWithConfidence: '{energy} of {energy2} a day, with {percent} confidence',
  needsV: '{wrongVoltage} needs {volts} V',
  over: '{watts} over{part}',
  toSpare: '{watts} to spare{part}',
  nothingRuns: 'nothing runs',
  starting: 'starting',
  running: 'running',
  of24: 'of 24',
}
