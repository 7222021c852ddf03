/** Page Recharge. */

export const carPanel = {
  text12VSocketEngineRunning: '12 V socket, engine running',
  cablesToTheAlternator: 'cables to the alternator',
  inverterOnItsBattery: 'inverter on its battery',
  electricCarsOutlet: 'electric car’s outlet',
  car: 'Car',
  noneWord: 'None.',
  addTheCar: 'Add the car',
  daysWorth: ', {number} days’ worth',
  fromDownToItsFloorIt: 'From {percent} down to its floor it gives {energy}{neededWh}.',
  itBringsNothing: 'It brings nothing.',
  aDaysTakeOfEngineAnd:
    'A day’s {energy} take {hours} of engine and {number} L, at the {watts} that reach the battery: slow, and hard on the car.',
  slowAndHardOnTheCar: 'Slow, and hard on the car.',
  asPlannedItBurnsFor: 'As planned it burns {volume} for {energy}.',
  outletAndCableMustSuitThe:
    'Outlet and cable must suit the car and each other; keep what you need for a drive to safety. Never feed the house’s wiring without a transfer switch fitted by a licensed electrician.',
  engineRunningOutdoorsOnlyNeverIn:
    'Engine running outdoors only, never in a garage or near a window: carbon monoxide kills. Fuse cables at the battery, keep them short and away from belts; an alternator at idle overheats when it gives more than about a third of its rating.',
  counts: 'Counts',
  inUse: 'in use',
  givesBy: 'Gives by',
  alternatorRated: 'Alternator, rated',
  atIdleItBearsAboutA:
    'At idle it can give about a third of its rating for hours: 13.8 V × {number} A × ⅓ = {watts}. A station mostly takes less than that from 12 V. A 12 V bank takes it through cables, a fuse and a DC charger; a bank of more volts through a step-up charger.',
  wattsItGives: 'Watts it gives',
  its12VSystemGives: 'Its 12 V system gives',
  stepUpCharger: 'Step-up charger',
  chargedNow: 'Charged now',
  itsBattery: 'Its battery',
  staysForDriving: 'Stays for driving',
  burnsAtIdle: 'Burns at idle',
  inItsTank: 'In its tank',
  removeIt: 'Remove it',
  theCar: 'the car',
}

export const foldable = {
  hideFields: 'Hide the fields of {name}',
  change: 'Change {name}',
}

export const generatorPanel = {
  generator: 'Generator',
  noneAFewHoursADay:
    'None. A few hours a day at good load refill the battery and do the wash; the nights stay silent.',
  addA2KwGenerator: 'Add a 2 kW generator',
  runsHAtAboutItBurns:
    'Runs <b>{number} h</b> at about {watts}: {energy}. It burns <b2>{volume}</b2>, {volume2} a day.',
  theInHandAreBurntAbout: 'The {volume} in hand are burnt about {moment}.',
  atThatLoadLast: 'At that load {volume} last {hours}.',
  aTankLasts: 'A tank lasts {hours}.',
  dragAlongItsLaneToPlan:
    'Drag along its lane to plan its hours. At half load it burns {volume} an hour: {volume2} last {hours}.',
  itGivesMayRunAtOnce:
    'It gives {watts}; {watts2} may run at once. Do not run everything together, or the breaker opens; the battery carries what it cannot.',
  startsComeToItsSurgeIs:
    'Starts come to {watts}, its surge is {watts2}: the hardest start may stall it. Start that one alone, or from the battery.',
  underAQuarterOfItsWatts:
    'Under a quarter of its watts it soots and wastes fuel: charge at the same time, or run it shorter.',
  outdoorsOnly6M20Ft:
    'Outdoors only, 6 m (20 ft) from the house, exhaust away from windows and doors; never in a garage, on a porch or in a cellar, not even with the door open: carbon monoxide kills within minutes. CO alarms with batteries on every floor. Fill it cold. Never back-feed an outlet; an inlet and transfer switch belong to a licensed electrician and local code.',
  counts: 'Counts',
  inUse: 'in use',
  ratedWatts: 'Rated watts',
  surgeWatts: 'Surge watts',
  thatIsMoreThanItsSurge: 'That is more than its surge, {watts}.',
  atLeastItsRated: 'At least its rated {watts}.',
  fuelOnHand: 'Fuel on hand',
  tank: 'Tank',
  burnsNoLoad: 'Burns, no load',
  burnsFullLoad: 'Burns, full load',
  atMostWhatItBurnsAt: 'At most what it burns at full load, {volume} an hour.',
  atLeastWhatItBurnsWithout: 'At least what it burns without load, {volume} an hour.',
  text100LHAtMost: '100 L/h at most.',
  untilItGives: 'Until it gives',
  mustNotRun: 'Must not run',
  changeItsOilAfterTheFirst:
    'Change its oil after the first 20 hours and every 50 to 100 after that; run it dry or stabilise the fuel before it is put away.',
  removeIt: 'Remove it',
  theGenerator: 'the generator',
}

export const givesWay = {
  to: 'to',
  isDroppedWhenTheBatteryIs: 'is dropped when the battery is low',
  runsOnlyWhileEnoughComesIn: 'runs only while enough comes in',
  isOffAtTheseHours: 'is off at these hours',
  neverRunsTogetherWith: 'never runs together with',
  loadSheddingRules: 'Load-shedding rules',
  buysNoHours: 'buys no hours',
  buys: 'buys {replace}',
  noLonger: 'no longer',
  noLonger2: 'No longer: {load} {words}',
  lookedAtEveryQuarterHourWhat:
    'Looked at every quarter hour; what a load catches up afterwards is counted. Medical devices are not offered: their supplier’s plan comes first.',
  aNewRule: 'A new rule',
  loadToShed: 'Load to shed',
  whenItIsShed: 'When it is shed',
  moreThanThisManyWatts: 'More than this many watts',
  below: 'below',
  droppedBelow: 'Dropped below',
  backAbove: 'back above',
  backAbove2: 'Back above',
  offFrom: 'Off from',
  offUntil: 'Off until',
  theOneThatGoesFirst: 'The one that goes first',
  whileItIsOff: 'While it is off:',
  addTheRule: 'Add the rule',
  thisRuleIsThereAlready: 'This rule is there already.',
  itMustComeBackAboveThe: 'It must come back above the charge it is dropped at, such as 40 % and 60 %.',
}

export const hourBars = {
  sunByTheHour: 'Sun, by the hour',
  shareOfClearSkySunLeft: 'Share of clear-sky sun; left and right choose the hour, up and down change it',
  sunFromShareOfClear: 'Sun from {moment}, share of clear',
}

export const monthBars = {
  aDayNeeds: 'a day needs {energy}',
}

export const monthChart = {
  aDayNeeds: '; a day needs {energy}',
  clearMixedDull: '{name} {energy} clear, {energy2} mixed, {energy3} dull',
  energyADay: 'Energy a day: {names}{need}',
  clear: 'clear',
  sunAndCloud: 'sun and cloud',
  overcast: 'overcast',
}

export const rechargePage = {
  noneWord: 'none',
  panels: 'Panels',
  addPanels: 'Add panels',
  noPanelsYetAddSomeAs:
    'No panels yet. Add some as their label says: their volts on the coldest morning are checked against the input.',
  charging: 'Charging',
  availableSun: 'available sun',
  clippedByTheInput: 'clipped by the input',
  chargingPower: 'charging power',
  load: 'load',
  wattsByTheHourAvailableSun: 'Watts by the hour: available sun, charging power and load',
  nothingRefillsItYetAddPanels:
    'Nothing refills it yet. Add panels below, or drag along a lane to plan hours of the generator, the car, or the grid coming back.',
  yourOwnHours: 'your own hours',
  lowest: 'lowest {percent}',
  stateOfChargeOfLowestAt:
    'State of charge of {source}: lowest {percent}, {percent2} at the planned end, most likely',
  summaryGeneratorAndCar: 'Summary, generator and car',
  charge: 'Charge',
  generator: 'Generator',
  car: 'Car',
  gridIsBack: 'Grid is back',
}

export const repeatTool = {
  theGridIsBack: 'the grid is back',
  theGeneratorRuns: 'the generator runs',
  theCarRuns: 'the car runs',
  whatComesBack: 'What comes back',
  repeat: 'Repeat',
  forWord: 'for',
  forHowLong: 'For how long',
  every: 'every',
  everyHowManyHours: 'Every how many hours',
  firstAt: 'first at',
  firstAt2: 'First at',
  addToPlan: 'Add to plan',
  clear: 'clear',
  itCannotBePlannedSo: 'It cannot be planned so: {trouble}.',
}

export const stretchLane = {
  toArrowsMoveItWithShift:
    '{name} {moment} to {moment2}; arrows move it, with Shift its end, Delete removes it',
  planTwoHoursOf: '+ 2 h of {lowerCase}',
  removeIt: 'Remove it',
}

export const together = {
  summary: 'Summary',
  nothingRefillsItYetOneCharge: 'Nothing refills it yet: one charge is all there is.',
  itKeepsGoing: 'It keeps going {goesOnWhile}.',
  enoughComesInOverADay: 'Enough comes in over a day, but not in time: refill before it is empty.',
  itBringsNextToNothing: 'It brings next to nothing.',
  itBringsBackOfThe24H: 'It brings back {number} of the 24 h a day needs.',
  ifTheLastDaysWeatherGoes:
    'If the last day’s weather continues, most runs still have charge after {number} days.',
  ifTheLastDaysWeatherGoes2: 'If the last day’s weather continues, it ends about {momentOf}, day {ceil}.',
  overTheOutage: 'Over the outage',
  energy: 'Energy',
  allOfItGoesIntoWith:
    'All of it goes into {source}. With {number} % confidence; each day’s light is drawn anew in every run.',
  chargeAtTheStart: 'Charge at the start',
  hasNoChargerItCannotBe: '{source} has no charger: it cannot be charged from an outlet.',
  beforeTheStormAtAnOutlet: 'Before the storm, at a wall outlet: {wallWords} from its reserve to full',
  fromThere: ', {wallWords} from there',
  chargeOnTheFirstWarning: '. Charge on the first warning.',
  aTimeItsLabelDoesNot: 'a time its label does not tell',
  sun: 'Sun',
  grid: 'Grid',
  generatorHAt: 'Generator, {number} h at {watts}',
  carHouseholdCurrent: 'Car, household current',
  ofTheseLostInTheCharger: 'Of these, lost in the charger',
  car12V: 'Car, 12 V',
  clippedByTheInputsAmpsAnd: 'Clipped by the input’s amps and watts',
  lostThePanelsVoltsBelowWhat: 'Lost: the panels’ volts below what the input needs',
  notTakenFullColdOrToo: 'Not taken: full, cold or too much',
  straightToTheLoadsPastThe: 'Straight to the loads, past the battery',
  drainedFromTheBattery: 'Drained from the battery',
  comesInADayOrCould: 'Comes in a day, or could, {number} % sure',
  goesOutADay: 'Goes out a day',
  hoursWithoutPowerMostLikely: 'Hours without power, most likely',
}

export const upkeepCalendar = {
  everyMonth: 'every month',
  everyTwoMonths: 'every two months',
  everyThreeMonths: 'every three months',
  twiceAYear: 'twice a year',
  maintenance: 'Maintenance',
  topItUp: 'Top it up',
  monthly: 'monthly',
  everyMonths: 'every {everyMonths} months',
  aCarIsChargedByDriving: 'A car is charged by driving or at its own place.',
  asACalendarFileIcs: 'As a calendar file (.ics)',
}

export const weatherTools = {
  yourOwnHours: 'your own hours',
  aWeatherFileOfOneYear: 'A weather file of one year has about 1.6 MB; this one is larger than 20 MB.',
  whatWasThereIsKept: '{file}: {message}. What was there is kept.',
  theFile: 'the file',
  missingHoursWereFilledFromTheir: ' {filled} missing hours were filled from their neighbours.',
  theFileStandsOfLatitudeAway: ' The file stands {number}° of latitude away from your place.',
  hoursOfFromTheOutagesDate: 'Hours of {place} from the outage’s date on.{filled}{far}',
  simulatedForecast: 'simulated forecast',
  aMadeUpForecastAsA:
    'A made-up forecast, as a service would send it: the sky by the hour, and how cold and warm it gets.',
  theSimulatedWeatherServiceDidNot: 'The simulated weather service did not answer. What was there is kept.',
  hourByHour: 'Hour by hour',
  fromAWeatherFileEpw: 'From a weather file (EPW)',
  weatherFileEpw: 'Weather file (EPW)',
  simulatedForecast2: 'Simulated forecast',
}
