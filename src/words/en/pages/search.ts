/** Page Power: find equipment. */

export const frontChart = {
  priceAgainstHoursOfEveryOption:
    'Price against hours of every option; the table below has the same in figures',
  hNeeded: '{number} h needed',
}

export const searchPanel = {
  moreWishes: 'kinds, what it must do, budget, weight',
  also: 'Also',
  theCheapest: 'The cheapest',
  theLightest: 'The lightest',
  theFewestParts: 'The fewest parts',
  searchTheCatalogue: 'Search the catalogue',
  findEquipment: 'Find equipment',
  everyStationWithItsExpansionsAnd:
    'Every station with its expansions, and every bank of batteries, strings and inverters that go together, tried against your own loads. 2S3P: two batteries in series, three such strings in parallel.',
  find: 'Find',
  thatLasts: 'That lasts',
  throughEachOutage: 'through each outage',
  throughTheOutage: 'through the outage',
  untilNothingIsLostH: 'until nothing is lost: {number} h',
  soManyHours: 'hours of your own',
  hoursItMustLast: 'Hours it must last',
  confidence: 'Confidence',
  inWord: 'In',
  allScenarios: 'all {nScenarios} outages',
  from: 'From',
  readyMadeStations: 'ready-made stations',
  banksBuiltOfParts: 'banks built of parts',
  floodedOnesTooOutdoors: 'flooded batteries too, kept outdoors',
  modifiedSineTooNoMotors: 'modified-sine inverters too: not for motors',
  counting: 'Counting',
  whatRefillsItAsPlanned: 'what refills it, as planned',
  itMust: 'It must',
  beReadyToPlugInNothing: 'be ready to plug in, nothing to be wired',
  askedForBecauseAMedicalDevice: 'Asked for because a medical device is plugged into it.',
  aMedicalDeviceIsPluggedIntoIt:
    'A medical device is plugged into it: have a bank wired and tested by somebody qualified, and ask the supplier.',
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
  inAllScenarios: ' in all {count} outages',
  isTheThatLastsWithConfidence:
    '{stage, select, yes {So far } other {}}<b>{candidate}</b> is the {goal} that lasts {exactDuration}{count} with {percent} confidence: {money}, {hoursOf}',
  kgInAll: ', {number} kg in all',
  nothingYetThatLasts: 'Nothing yet that lasts.',
  nothingHereDoesItAllTheNear:
    'Nothing here does it all. The near misses below say what would have to change.',
  ofLookedAtDoAll:
    '{nJudged} of {all} looked at{stage, select, yes {, then cancelled} other {}}; {nHolding} {nHolding, plural, one {does} other {do}} all that is asked.',
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
