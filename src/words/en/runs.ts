/** Test runs and outages: what was read, what it says, what to watch. */

export const compareWords = {
  theBatteryWasEmpty: 'the battery was empty',
  stoppedEarly: 'stopped early',
  theGridCameBack: 'the grid came back',
  onAverageAgainst: '{watts} on average against {watts2}',
  bothTookTheSame: 'Both took the same: {against}.',
  theSecondTook: 'The second took {percent} {times, select, yes {more} other {less}}: {against}.',
  twoChargesAtLeastMustBe: 'Two charges at least must be read in each run to compare what they took.',
  onlyInTheFirst: 'Only in the first: {gone}.',
  onlyInTheSecond: 'Only in the second: {added}.',
  theFirstRanOnTheSecond: 'The first ran on {source}, the second on {source2}.',
  notRead: 'not read',
  ranFor: 'Ran for',
  itEndedBecause: 'It ended because',
  itGoesOn: 'it goes on',
  charge: 'Charge',
  outOfTheBattery: 'Out of the battery',
  onAverage: 'On average',
  temperature: 'Temperature, {place}',
  temperatureInA: 'Temperature in a {place}',
  battery: 'Battery',
  loads: 'Loads',
}

export const listed = {
  and: '{names} and {at}',
  or: '{names} or {at}',
}

export const outlookWords = {
  itIsOverWithinTheHour: 'It is over within the hour: run it to its end.',
  hToAbout: '{number} h to about ±{percent}',
  theEndIsKnownAfter: 'The end is known after {said}.',
  theEndIsKnownAfterAfter: 'The end is known after {said}; after {said2}.',
  noHourThatIsInSight: 'no hour that is in sight',
  beforeBed: 'before bed',
  beforeItMayBeEmptyAnd: 'before it may be empty and food warms',
  begunNowStopItBy: ' Begun now, stop it by {stopWords}.',
}

export const runWords = {
  itStillHasChargeAfter: 'It still has charge after {hours}.',
  laterThan: 'later than {momentOf}',
  emptyAboutLikelyTo: 'Empty about {about}, likely {moment} to {late}.',
  empty: 'Empty',
  stopped: 'Stopped',
  theGridCameBack: 'The grid came back',
  atAboutFromTheBattery: ', at about {watts} from the battery',
  after: '{how} {momentOf}, after {exactDuration}{average}.',
  goingOnItWouldHaveBeen: '{words} Going on it would have been: {replace}',
  asPlannedItWouldHaveBeen: '{words} As planned it would have been {momentOf}.',
  mostLikely: ' Most likely: {assumptionWords}.',
  theyDoNotSayWhat: ' They do not say what.',
  theReadingsContradictThePlan:
    'The readings contradict the plan: something in it is not as assumed.{likely} Go by the straight line until you know what.',
  theChargeGoesTimesAsFast:
    'The charge goes {number} times as fast as planned, whatever runs: {scaledTimes, select, yes {something takes more than planned, or the battery holds less than its label says} other {something takes less than planned, or the battery holds more than its label says}}.',
  toWereExpected: '{said} to {said2} were expected',
  drawsAbout: '{name} draws about {said}; {were}',
  averagesAboutHere: '{name} averages about {said} here; {were}',
  hadBeenOffForAbout: '{name} had been off for about {said}; {were}',
  defrostsOfComeToAbout: 'defrosts of {name} come to about {said}; {were}',
  itIsAboutAround: 'it is about {said} around {name}; {were}',
  runsAboutEachTime: '{name} runs about {said} each time; {were}',
  takesAboutACharge: '{name} takes about {said} a charge; {were}',
  theWaterOfComesToAbout: 'the water of {name} comes to about {said}; {were}',
  holdsAbout: '{name} holds about {said}; {were}',
  stopsAtAboutLeft: '{name} stops at about {said} left; {were}',
  passesOnAboutOfWhatIt: '{name} passes on about {said} of what it takes; {were}',
  takesAboutForItself: '{name} takes about {said} for itself; {were}',
  aboutOfCanBeUsed: 'about {said} of {name} can be used; {were}',
  about: '{name}: about {said}; {were}',
  wattsWhileItRuns: 'watts while it runs',
  wattsOnAverage: 'watts on average',
  lengthOfACycle: 'length of a cycle',
  theTemperatureItIsSetTo: 'the temperature it is set to',
  theTemperatureAroundIt: 'the temperature around it',
  wattsBetweenItsCycles: 'watts between its cycles',
  howSlowlyItWarms: 'how slowly it warms',
  wattsOfADefrost: 'watts of a defrost',
  lengthOfADefrost: 'length of a defrost',
  hoursBetweenDefrosts: 'hours between defrosts',
  wattsOfItsBlower: 'watts of its blower',
  waterOfAStroke: 'water of a stroke',
  waterItLifts: 'water it lifts',
  waterThatComesIn: 'water that comes in',
  minutesEachTime: 'minutes each time',
  energyOfACharge: 'energy of a charge',
  efficiencyOfItsCharger: 'efficiency of its charger',
  wattsWhenItIsFull: 'watts when it is full',
  whatItHolds: 'what it holds',
  whatIsLeftWhenItStops: 'what is left when it stops',
  whatItTakesForItself: 'what it takes for itself',
  theShareThatCanBeUsed: 'the share that can be used',
  thatIsBeforeTheRunBegan: 'That is {duration} before the run began.',
  thatIsFromNowIsThis: 'That is {duration} from now. Is this device’s clock right?',
  theChargeWentUpFromTo:
    'The charge went up from {percent} to {percent2}. Was it charged? Then enter that instead.',
  fromToInThatTimeTakes:
    'From {percent} to {percent2} in that time takes about {watts}; it gives {watts2} at most. Is the hour right, and the figure?',
  theCounterWasAtAndIs: 'The counter was at {number} and is now at {number2}. Was it set to 0?',
  vDoNotBelongToA: '{number} V do not belong to a battery of {number2} V.',
  theSameReadingAtTheSame: 'The same reading at the same minute is there already.',
  doNotTestItWithoutA:
    '{names}: do not test it without a second source that is ready to take over. Ask its supplier first; what they and the doctor say goes before this plan.',
  doNowWhatItsSupplierAnd:
    '{names}: do now what its supplier and the doctor said for an outage. Have the second source ready before this one is empty; call for help early.',
  watchTheWaterWhileThePump:
    '{names}: watch the water while the pump is on the battery, and plug it back before it rises to its mark.',
  itGetsDownToOutdoorsStop:
    '{names}: it gets down to {temperature} outdoors. Stop before rooms fall below {temperature2}; mind pipes, the old and the ill.',
  putAThermometerInStopIf:
    '{names}: put a thermometer in. Stop if a refrigerator passes {temperature} or a freezer {temperature2}.',
  theGeneratorStaysOutdoorsFrom:
    'The generator stays outdoors, {length} from windows and doors, with CO alarms in the house.',
  somebodyWhoCanPlugThingsBack: 'Somebody who can plug things back has to be at home while it runs.',
  allAgreeTheLoadIsSteady: 'All agree: the load is steady, and the straight line is as good as any.',
  theyDifferBecauseTheLineKnows:
    'They differ because the line knows only what was read so far, the watts only this moment; what starts later, the night and the weather are in the learned plan alone.',
}

export const watchWords = {
  coldFood: 'cold food',
  frozenFood: 'frozen food',
  theChargeAboutEveryHalfHour: 'the charge about every half hour, more often near the end',
  theWattsWhenSomethingLargeStarts: 'the watts when something large starts or stops',
  theVoltsUnderLoad: 'the volts under load',
  theTemperatureInTheColdNow: 'the temperature in the cold now and then',
  onIt: 'On it: {own}. ',
  nothingOfThePlanIsOn: 'Nothing of the plan is on it. ',
  writeDown: '{on}Write down {watched}.',
}
