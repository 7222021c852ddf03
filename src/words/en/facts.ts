/** Facts within sentences. */

export const breakSaying = {
  andMore: '{names} and {nNames} more',
}

export const coldGuessText = {
  thatThePanelsMayBeConnected:
    'That the panels may be connected rests on a guess: never colder than {temperature}',
}

export const goesOnWhile = {
  thisWeatherLasts: 'this weather lasts',
  thereIsFuel: 'there is fuel',
  theGridComesBackSo: 'the grid comes back so',
  whileWord: 'while {hangsOn}',
  asPlanned: 'as planned',
}

export const factWords = {
  cubicFeetAnHour: '{number} cubic feet an hour',
  mAnHour: '{number} m³ an hour',
}

export const runsAndBands = {
  moreThan: 'more than {hours}',
  about: 'about {low}',
  noRun: 'no run',
  allRuns: 'all runs',
  runsOf: '{count} {count, plural, one {run} other {runs}} of {of}',
  fromTo: '{low} to {high}',
  either: '{first} or {later}',
}

export const sourceParts = {
  inThisHeat: 'in this heat',
  legA: 'leg A',
  legB: 'leg B',
  oneOutlet: 'one outlet',
  directCurrent: 'direct current',
  aLongStart: 'a long start',
}
