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
