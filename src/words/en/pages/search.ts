/** Page Power: find equipment. */

export const frontChart = {
  priceAgainstHoursOfEveryOption:
    'Price against hours of every option; the table below has the same in figures',
  hNeeded: '{number} h needed',
}

export const searchPanel = {
  theCheapest: 'The cheapest',
  theLightest: 'The lightest',
  theFewestParts: 'The fewest parts',
  searchTheCatalogue: 'Search the catalogue',
  findEquipment: 'Find equipment',
  everyStationWithItsExpansionsAnd:
    'Every station with its expansions and every bank of batteries, rows and inverters that fit each other, held against your own loads. 2S3P: two in series, three rows of them.',
  find: 'Find',
  thatHolds: 'That holds',
  eachOutageThrough: 'each outage through',
  theOutageThrough: 'the outage through',
  untilNothingIsLostH: 'until nothing is lost: {number} h',
  soManyHours: 'so many hours',
  hoursToHold: 'Hours to hold',
  confidence: 'Confidence',
  inWord: 'In',
  allScenarios: 'all {nScenarios} scenarios',
  from: 'From',
  readyMadeStations: 'ready-made stations',
  banksBuiltOfParts: 'banks built of parts',
  floodedOnesTooOutdoors: 'flooded ones too, outdoors',
  modifiedSineTooNoMotors: 'modified sine too: no motors',
  counting: 'Counting',
  whatRefillsItAsPlanned: 'what refills it, as planned',
  itMust: 'It must',
  beReadyToPlugInNothing: 'be ready to plug in, nothing to be wired',
  askedForBecauseAMedicalDevice: 'Asked for because a medical device hangs on it.',
  aMedicalDeviceHangsOnIt:
    'A medical device hangs on it: have a bank wired and tested by somebody qualified, and ask the supplier.',
  switchOverByItself: 'switch over by itself',
  withinMs: 'Within, ms',
  give240V: 'give 240 V',
  atMost: 'At most',
  aBudget: 'a budget',
  budget: 'Budget',
  aWeightForEachPiece: 'a weight for each piece',
  heaviestPiece: 'Heaviest piece',
  search: 'Search',
  optionsJudged: 'Options judged',
  cancel: 'Cancel',
  theSearchBrokeOffWhatStands: 'The search broke off; what stands below is only a part.',
  theSearch: 'the search',
}

export const searchResults = {
  soManyHours: '{number} h',
  overSoManyHours: 'over {number} h',
  cheapest: 'cheapest',
  lightest: 'lightest',
  priceNotKnown: 'price not known',
  foundByTheSearch: 'Found by the search.',
  addedToTheOptions: 'Added {name} to the options.',
  oneWithTheFewestParts: 'one with the fewest parts',
  inAllScenarios: ' in all {count} scenarios',
  isTheThatHoldsWithConfidence:
    '{stage, select, yes {So far } other {}}<b>{candidate}</b> is the {goal} that holds {exactDuration}{count} with {percent} confidence: {money}, {hoursOf}',
  kgInAll: ', {number} kg in all',
  nothingYetThatHolds: 'Nothing yet that holds.',
  nothingHereHoldsItTheNear: 'Nothing here holds it. The near misses below say what would have to give.',
  ofLookedAtHold:
    '{nJudged} of {all} looked at{stage, select, yes {, then cancelled} other {}}; {nHolding} hold.',
  theWorking: 'The working',
  addItToTheOptions: 'Add it to the options',
  bestRuntimeForTheMoney: 'Best runtime for the money',
  nearMisses: 'Near misses',
  readyMadeOrBuiltOfParts: 'Ready-made or built of parts',
  option: 'Option',
  price: 'Price',
  hours: 'Hours',
  weight: 'Weight',
  pieces: 'Pieces',
  notKnown: 'not known',
  inWord: '{totalKg} in {pieces} {pieces, plural, one {piece} other {pieces}}',
  work: 'Work',
  aQuarterOfAnHour: 'a quarter of an hour',
  aboutHours: 'about {number} hours',
  repair: 'Repair',
  warranty: 'Warranty',
  skill: 'Skill',
}

export const useSearch = {
  theComputationFailed: 'The computation failed.',
}
