/** Page Power: compare options. */

export const chosenActs = {
  removed: 'Removed {chosen}.',
  hid: 'Hid {chosen}.',
  duplicateIt: 'Duplicate it',
  removeIt: 'Remove it',
  unpinIt: 'Unpin it',
  pinItFirst: 'Pin it first',
  hideIt: 'Hide it',
  showHidden: 'Show {nHidden} hidden',
}

export const chosenNotes = {
  toCarryIt: 'To carry it',
  toStartIt: 'To start it',
  toLast: 'To last',
  costsNothingOr: '{free} (costs nothing); or ',
  letAndTakeTurns: 'let {waits} and {first} take turns',
  waitingWhileTheOtherRunsTogether:
    ', {waits} waiting while the other runs: together they need about {hours} of the day; or',
  theCheapestIs: 'the cheapest is {bought}',
  nothingInTheCatalogueDoes: 'nothing in the catalogue does',
  runsOn12V: '{name} runs on 12 V',
  pastAnyInverterCheckTheVolts:
    ', past any inverter: check the volts and polarity on its own supply, and fuse the lead.',
}

export const compareTab = {
  addAPowerStationOrBank: 'Add a power station or bank',
  inOrder: 'In order',
  option: 'Option',
  nameOfTheSelectedOption: 'Name of the selected option',
  foodAtStake: 'Food at stake',
  note: 'Note',
  whatIsBuiltOf: 'What {source} is built of',
}

export const optionCell = {
  theWorking: 'The working',
  largestStart: 'Largest start',
  runningWatts: 'Running watts',
  ofWord: '{row} of {system}',
  ofWord2: '{pairs} of {system}',
  efficiency: 'efficiency',
  flatShare: 'flat share',
  short: 'short: ',
}

export const optionTable = {
  builtOfParts: 'built of parts',
  officeUps: 'office UPS',
  hybridInverter: 'hybrid inverter',
  row: 'row {row}',
  group: 'group {title}',
  inEveryOutage: 'In every outage',
  property: 'Property',
  youNeed: 'You need',
  figuresOfTheSelectedOption: 'Figures of the selected option',
  allItsSources: 'all its sources',
  selected: ', selected',
  pinned: ', pinned',
  sources: ', {nSources} sources',
  portable: 'portable',
  vehicle: 'vehicle',
}

export const powerPage = {
  compare: 'Compare',
  buildABank: 'Build a bank',
  find: 'Find',
  ownEquipment: 'Own equipment',
  waysToChooseThePower: 'Ways to choose the power',
  aBankBuiltOfPartsAn:
    'A bank built of parts, an inlet, a transfer switch and anything wired to the house belong to a licensed electrician and local code. Never back-feed an outlet: it can kill a line worker.',
}

export const deciding = {
  couldNotBeComputed: 'Could not be computed. {failure}',
  needsVWhichItDoesNot: '{load} needs {volts} V, which it does not give.',
  mayRunTogetherIsGivenThe: '{watts} may run together{part}, {watts2} is given; the largest is {binding}.',
  aStart: 'A start',
  forLongerThanTheSurgeLasts: ' for longer than the surge lasts',
  bringsItToIsGiven: '{binding} brings it to {watts}{part}, {watts2} is given.',
  itCarriesStartsAndLastsHow: 'It carries, starts and lasts; how long decides among those that do.',
  itCarriesAndStartsAllAnd: 'It carries and starts all, and is {duration} short, with {percent} confidence.',
}

export const matrixCell = {
  pastItsEnd: 'past its end',
  notComputed: 'not computed',
  notCarried: 'not carried',
  short: 'short: {time}',
}

export const optionOrder = {
  asAdded: 'as added',
  byPrice: 'by price',
  byHoursLongestFirst: 'by hours, longest first',
  byHeaviestPiece: 'by heaviest piece',
}

export const optionRows = {
  notComputed: 'not computed',
  runtimeAtTheChosenConfidence: 'Runtime at the chosen confidence',
  over: 'over {exactDuration}',
  runningWatts: 'Running watts',
  theSurgeWattsAreRaiseThem: 'The surge watts are {watts}; raise them first.',
  voltage: 'Voltage',
  noV: 'no {volts} V',
  rechargeHoursOfEvery24: 'Recharge, hours of every 24',
  notPlanned: 'not planned',
  keepsGoing: 'keeps going',
  largestStart: 'Largest start',
  atLeastTheContinuous: 'At least the continuous {watts}.',
}

export const rowGroups = {
  notInSight: 'not in sight',
  pc: '{mass}, {sumOf} pc',
  runtime: 'Runtime',
  runsOutAbout: 'Runs out about',
  chanceToLastTheOutage: 'Chance to last the outage',
  ofWhatItFeeds: ', of what it feeds',
  energy: 'Energy',
  capacity: 'Capacity',
  chargedAtTheStart: 'Charged at the start',
  reserve: 'Reserve',
  lossEstimate: 'Loss estimate',
  flatShare: 'flat share',
  inverterEfficiency: 'Inverter efficiency',
  idleDrawNoLoad: 'Idle draw (no-load)',
  usableShare: 'Usable share',
  usableAtTheOutlets: 'Usable at the outlets',
  lostToIdleDraw: 'Lost to idle draw',
  runningPower: 'Running power',
  withTheGridThere: 'With the grid there',
  outlets: 'Outlets',
  directCurrent: 'Direct current',
  atTheBattery: 'at the battery',
  startingSurge: 'Starting surge',
  recharge: 'Recharge',
  acCharging: 'AC charging',
  noCharger: 'no charger',
  at: ' at {watts}',
  allInputsTogether: 'All inputs together',
  text12VCharging: '12 V charging',
  chargingTemperature: 'Charging temperature',
  solarInput: 'Solar input',
  chargesWhileSupplying: 'Charges while supplying',
  passThrough: 'Pass-through',
  transferTime: 'Transfer time',
  plugOver: 'plug over',
  weight: 'Weight',
  heaviestPiece: 'Heaviest piece',
  inAll: 'In all',
  price: 'Price',
  equalsOutagesOfLostFood: 'Equals outages of lost food',
  costPerKwhOverItsLife: 'Cost per kWh over its life',
  lifetimeAndWarranty: 'Lifetime and warranty',
  cycles: 'Cycles',
  warranty: 'Warranty',
  years: '{number} years',
  partByPart: 'part by part',
  goesToSleep: 'Goes to sleep',
  under: 'under {watts}',
  searchesUnder: 'searches under {watts}',
  operatingTemperature: 'Operating temperature',
  cold: 'Cold',
  noChargingUnder: 'no charging under {temperature}',
  lessAtEveryDegree: 'less at every degree',
  efficiency: 'efficiency',
  yes: 'yes',
  no: 'no',
}
