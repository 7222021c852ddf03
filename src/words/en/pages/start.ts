/** The sheet Start yours. */

export const powerChoice = {
  nothingYetFindSomethingForMe: 'Nothing yet: find something for me',
  aPowerStation: 'A power station',
  aBatteryAndAnInverter: 'A battery and an inverter',
  aGenerator: 'A generator',
  aCar: 'A car',
  theAnswerIsForA1: 'The answer is for a 1 kWh station, as an example. Next comes the search for what lasts.',
  itChargesA1KwhStation:
    'It charges a 1 kWh station, as an example, when you plan its hours. Outdoors only, 6 m (20 ft) from windows and doors: carbon monoxide kills.',
  byIts12VSocketAbout:
    'By its 12 V socket, about 100 W. The engine runs outdoors only: carbon monoxide kills.',
  text3WhatYouHave: '3 · What you have',
  capacity: 'Capacity',
  runningWatts: 'Running watts',
  itsLabelGivesSurgeWatts: 'Its label gives surge watts',
  countedAsWhichIsAGuess:
    'Counted as {watts}, which is a guess: read it off the label before a motor depends on it.',
  surge: 'Surge',
  atLeastIts: 'At least its {watts}.',
  kind: 'Kind',
  lifepo4Lithium: 'LiFePO4 (lithium)',
  agmSealedLeadAcid: 'AGM (sealed lead-acid)',
  floodedLeadAcid: 'Flooded lead-acid',
  volts: 'Volts',
  ampHours: 'Amp-hours',
  inverterWatts: 'Inverter watts',
  itGivesOffGasThatExplodes: 'It gives off gas that explodes: outdoors or well ventilated, no flame near it.',
  ratedWatts: 'Rated watts',
}

export const startSheet = {
  ourHouse: 'Our house',
  giveTheHouseholdANameSuch: 'Give the household a name, such as “Our house”.',
  itCouldNotBeMade: 'It could not be made.',
  yotropeIsNotAnsweringNothingWas: 'Yotrope is not answering. Nothing was made, nothing is lost; try again.',
  startYours: 'Start yours',
  skipToAnEmptyPlan: 'Skip to an empty plan',
  theAnswer: 'The answer',
  howSureIsThis: 'How sure is this?',
  everyFigureHereIsATypical:
    'Every figure here is a typical one. A label read or a day on a meter narrows it; both can wait. Nothing here is final.',
  nameOfTheHousehold: 'Name of the household',
  openMyPlan: 'Open my plan',
  howLongWillYourPowerLast:
    'How long will your power last, and until what hour? Tick what must not stop; the answer stands here from the first tick.',
  noAnswer: 'No answer.',
  workingOutTheAnswer: 'Working out the answer',
}

export const thingsList = {
  canMeanSeveralThingsWriteIts:
    '“{line}” can mean several things. Write its watts and hours, such as “pump 400 W 15 s every 6 min”.',
  text2WhatMustNotStop: '2 · What must not stop',
  isTicked: '{one} is ticked.',
  nameItOrWriteALine: 'Name it, or write a line',
  fridgeSumpWifiOrPump400: 'fridge … or: pump 400 W 15 s every 6 min',
  thingsAreTheMost: '{loads} things are the most',
  commonThings: 'Common things',
  average: '{watts} average',
  aMedicalDeviceThisPlanDoes:
    'A medical device: this plan does not replace your supplier’s or doctor’s emergency plan. Ask them what to do in an outage.',
  moreByNameAllFiguresAre:
    '{nAPPLIANCES} more by name. All figures are typical ones until you know better; each can be changed later.',
  howMany: 'How many: {appliance}',
  medical: 'medical, ',
  secondsADay: 'seconds a day',
}

export const whereFields = {
  seasons: { winter: 'Winter', spring: 'Spring', summer: 'Summer', autumn: 'Autumn' },
  openList: 'Open the list',
  closeList: 'Close the list',
  clear: 'Clear',
  aNight: 'A night',
  aDay: 'A day',
  threeDays: 'Three days',
  text1WhereAndWhichOutage: '1 · Where and which outage',
  typeTheFirstLetters: 'Type the first letters',
  noTownOfThisNameIs: 'No town of this name is known here. The nearest larger one will do.',
  looking: 'Looking…',
  townOrLeaveItOut: 'Town, or leave it out',
  mains: 'Mains',
  units: 'Units',
  anOutageLike: 'An outage like',
  season: 'Season',
  length: 'Length',
  myHours: 'My hours <small>{isOwn}</small>',
  outageLength: 'Outage length',
  onAnOrdinaryDayOfThat:
    '{climate}: {temperatures} on an ordinary day of that season{place, select, yes {, a guess by where it is} other {, a guess until you say where}}. It begins at {begins}; asleep from {from} to {to}.',
}
