/** Fields, charts and the answer. */

export const chartReadout = {
  pointAtTheChartOrMove: 'Point at the chart, or move along it with the arrow keys.',
  hourOnTheChart: 'Hour on the chart',
}

export const chargeCurve = {
  after: 'after {exactDuration}',
  empty: 'empty {moment}',
  likelyRange80To: 'Likely range (80 %): {day} {clock} to {until}',
}

export const chartDecorations = {
  nobodyHome: 'nobody home',
}

export const guideLine = {
  plannedEnd: 'planned end',
}

export const readout = {
  andMore: ' and {nRunning} more',
  nothingRuns: 'nothing runs',
  chargedLikelyTo: '{momentOf}: {percent} charged (likely {percent2} to {percent3}), {runs}',
}

export const windowFields = {
  lowestVolts: 'Lowest volts',
  highestVolts: 'Highest volts',
  belowItsHighestV: 'Below its highest {number} V.',
  aboveItsLowestV: 'Above its lowest {number} V.',
  ampsItTakes: 'Amps it takes',
  wattsItTakes: 'Watts it takes',
}

export const clockInput = {
  pickATime: 'Pick a time',
}

export const dateField = {
  pickADay: 'Pick a day',
}

export const evidenceMark = {
  aTypicalValue: 'a typical value',
  readOffTheLabel: 'read off the label',
  seenInATestRun: 'seen in a test run',
  evidence: 'Evidence: {words}',
}

export const more = {
  more: 'More',
}

export const quantityField = {
  notSaid: 'not said',
}

export const textField = {
  aNameIsNeeded: 'A name is needed.',
  thatIsCharactersAtMost: 'That is {localeString} characters; {maxLength} at most.',
}

export const typedInput = {
  nothing: 'Nothing',
  countsUntilThenEscapeBringsIt: ' {counts} counts until then; Escape brings it back.',
  typedAsDoesNotGoWith: '“{other}” typed as {other2} does not go with this: {reason}',
}

export const windowsField = {
  mo: 'Mo',
  tu: 'Tu',
  we: 'We',
  th: 'Th',
  fr: 'Fr',
  sa: 'Sa',
  su: 'Su',
  from: '{label} {i}: from',
  until: '{label} {i}: until',
  remove: 'remove',
  remove2: 'Remove {label} {i}',
  addHours: 'add hours',
  days: '{label}: days',
}

export const wireField = {
  notBoughtYet: 'not bought yet',
}

export const findingMarks = {
  whatCanHurtHere: 'What can hurt here',
}

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
}

export const heldTexts = {
  notCountedInThisAnswer: 'Not counted in this answer:',
  ofWord: ' of {scopeName}',
  counts: ' ({counts} counts)',
  inWord: '“{text}” in {label}{scopeName}{counts}',
}

export const measureList = {
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
  wantsV: '{wrongVoltage} wants {volts} V',
  over: '{watts} over{part}',
  toSpare: '{watts} to spare{part}',
  nothingRuns: 'nothing runs',
}

export const skyRow = {
  hoursOfTheWeatherFile: 'Hours of the weather file “{sky}”.',
  hourByHour: 'Hour by hour: {sky}.',
  oneWordADayInstead: 'One word a day instead',
  theSkyOfEachDay: 'The sky of each day',
  skyOfDay: 'Sky of {name}, day {i}',
}
