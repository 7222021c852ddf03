/** Fields of a load: how it behaves. */

export const chargingFields = {
  goesIntoTheBattery: 'Goes into the battery',
  chargingEfficiency: 'Charging efficiency',
  idleWatts: 'Idle watts',
  when: 'When',
  onceAtTheStart: 'Once, at the start',
  atFixedHours: 'At fixed hours',
  takesEachTime: 'Takes {duration} each time.',
}

export const fixedHours = {
  beginsAt: 'Begins at',
  beginsAt2: 'Begins at {i}',
  remove: 'remove',
  removeHour: 'Remove hour {i}',
  addAnHour: 'add an hour',
}

export const pumpFields = {
  dry: 'Dry',
  rain: 'Rain',
  downpour: 'Downpour',
  howItIsKnown: 'How it is known',
  countingHowLongAndHowOften: 'Counting how long and how often it runs',
  whatItLiftsVolumeRateInflow: 'What it lifts: volume, rate, inflow',
  runsFor: 'Runs for',
  itMustBeShorterThanThe: 'It must be shorter than the spacing.',
  every: 'every',
  itMustBeLongerThanOne: 'It must be longer than one run.',
  aWeekAtMost: 'A week at most.',
  betweenTheSwitches: 'Between the switches',
  itLifts: 'It lifts',
  used: 'Used',
  flowsIn: 'Flows in',
  personsInTheHouse: 'Persons in the house',
  variesWith: 'Varies with',
  nothingTheSameAllDay: 'Nothing: the same all day',
  theHouseholdsUseOfWater: 'The household’s use of water',
  knownWhen: 'Known when',
  runTimeAndSpacingInThis: 'Run time and spacing in this outage, the working',
}

export const scheduledFields = {
  onFromUntil: 'On from – until',
  withinThem: 'Within them',
  onlySomeMinutesOfEachHour: 'only some minutes of each hour',
  minutesEachHour: 'Minutes each hour',
  minutesPastTheHour: 'Minutes past the hour',
  aWholeMinuteFrom0To: 'A whole minute from 0 to 59.',
}

export const sessionFields = {
  minutesEachTime: 'Minutes each time',
  when: 'When',
  atFixedHours: 'At fixed hours',
  aNumberOfTimesADayAt: 'A number of times a day, at any moment',
  timesADay: 'Times a day',
  within: 'Within',
  between: 'Between',
  and: 'and',
  and2: 'And',
}

export const startFields = {
  itsPeakMeasuredOrGuessed: 'Its peak, measured or guessed',
  horsepowerAndCodeLetter: 'Horsepower and code letter',
  fullLoadAmpsTimesOver: 'Full-load amps × a factor',
  upToKvaEachHp: '{value}: up to {kva} kVA each hp',
  motorStart: 'Motor start',
  noneOrAnInverterDrive: 'None, or an inverter drive',
  aMotorOrCompressor: 'A motor or compressor',
  knownFrom: 'Known from',
  horsepower: 'Horsepower',
  codeLetter2: 'Code letter',
  fullLoadAmps2: 'Full-load amps',
  times: 'times',
  startingWatts: 'Starting watts',
  runningWatts: 'Running watts',
  aStartTakesAtLeastThe: 'A start takes at least the running watts ({watts}).',
  forWord: 'for',
}

export const whatWattsMean = {
  measuredWhileItRanTheAverage:
    'Measured while it ran: the average stays {average}, it runs {share} of the time',
  theAverageCannotStayItWould: 'The average cannot stay: it would be above the running watts',
  allOfItIsTheAverage:
    'All of it is {watts, select, yes {larger} other {smaller}}: the average follows to {average}, {share} of the time as before',
}
