/** Page Hookup. */

export const diagramBox = {
  disconnect: 'disconnect',
  open: '{title}: open',
  wallUntilItFails: 'Wall, until it fails',
  notUsed: '{name} (not used)',
  aAtMost: '{number} A at most',
  noDisconnect: 'no disconnect',
  battery: 'Battery',
  neutral: 'neutral {neutral}',
  loads: '{count} loads{cord}',
  unknown: 'unknown',
}

export const diagramView = {
  whatPlugsIntoWhat: 'What plugs into what',
}

export const findings = {
  whatCanHurt: 'What can hurt',
  nothingOpen: 'Nothing open.',
  answered: '{showsAnswered, select, yes {Hide} other {Show}} {nAnswered} answered',
  answered2: 'Answered:',
  seen: 'seen',
  whatYouDoAboutIt: 'What you do about it',
  read: 'Read',
  read2: 'Read: {title}',
  whereItIsSet: 'Where it is set',
  whereItIsSet2: 'Where it is set: {title}',
  openItAgain: 'Open it again',
  keepAnswer: 'Keep answer',
  cancel: 'Cancel',
  answerIt: 'Mark as handled',
  answer: 'Mark as handled: {title}',
}

export const hookupPage = {
  house: 'House',
  whatPlugsIntoWhat: 'What plugs into what',
  singleLineHouseholdCurrentDouble:
    'single line: household current · double: direct current · figures: running (starting) amps, volts lost',
  print: 'Print',
  saveAsSvg: 'Save as SVG',
  notOnIt: 'Not on it: {unfed}.',
  houseAndAlarms: 'House and alarms',
}

export const needsList = {
  medicineThatNeedsCold: 'medicine that needs cold',
  medicine: 'Medicine',
  fish: 'fish',
  aquarium: 'Aquarium',
  animals: 'animals',
  animalsSuffer: 'Animals suffer',
  plantsWithRootsInAirOr: 'plants with roots in air or water',
  plants: 'Plants',
  aTelephoneLine: 'a telephone line',
  telephone: 'Telephone',
  whatSuffers: 'What suffers',
  called: 'Called',
  keptBy: 'Kept by',
  wallPowerOnly: 'wall power only',
  lastsWithoutPower: 'Lasts without power',
  remove: 'Remove {need}',
  addMedicineAnimalsOrPlants: 'Add medicine, animals or plants',
}

export const unsaidKeys = {
  nobodySaidYet: 'Nobody said yet:',
  fewer: 'Fewer',
  more: '{more} more',
}

export const partPanel = {
  connectionOf: 'Connection of {name}',
  wattsVoltsAndStartLoads: 'Watts, volts and start: Loads',
  removeThisCord: 'Remove this cord',
  wattsWattHoursAndInputsPower: 'Watts, watt-hours and inputs: Power',
  wattsFuelAndHoursRecharge: 'Watts, fuel and hours: Recharge',
  cordOf: 'Cord of {loadName}',
}

export const partsList = {
  toBuyOrToFind: 'To buy or to find',
  nothingIsMissing: 'Nothing is missing.',
  part: 'Part',
  amount: 'Amount',
  priceEach: 'Price each',
  priceOf: 'Price of {words}',
  sayWhatTheyCostWhereYou: 'Say what they cost where you buy, and the sum stands here.',
  together: 'Together <b>{money}</b>',
  andWithoutAPrice: ', and {unpriced} without a price',
  saveAsCsv: 'Save as CSV',
  countInTheBanksPrice: 'Count {money} in the bank’s price',
}

export const riskClocks = {
  coolingHouse: 'Cooling house',
  whatIsLostAndWhen: 'What is lost, and when',
  noCriticalLoadOfThisOutage: 'No critical load of this outage keeps something that is lost without power.',
  whatMustBeSavedFirst: 'What must be saved first comes first',
  powerEndsLikely: 'Power ends, likely',
  lostLikely: 'Lost, likely',
  earliest1In10ByClock: 'Earliest (1 in 10)',
  howItIsKnown: 'How it is known',
  notFedAtAll: 'not fed at all',
  indoorsHeatingOff: 'Indoors, heating off',
  indoorsLater: 'Indoors, later',
  outdoorsMeanwhile: 'Outdoors meanwhile',
  hoursBetween: 'Hours between',
  measureItInACoolingNight: 'Measure it in a cooling night',
  itMustHaveCooledAndStayed: 'It must have cooled, and stayed warmer than outdoors.',
  theHouseKeepsWarmForH: 'The house keeps warm for {found} h: in that time it loses 63 % of its warmth.',
  keepIt: 'Keep it',
}

export const workedOut = {
  howItIsWorkedOut: 'How it is worked out',
}
