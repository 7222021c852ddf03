/** Dialogs of the frame. */

export const dialogFrame = {
  close: 'Close',
}

export const findDialog = {
  load: 'load',
  outage: 'outage',
  power: 'power',
  page: 'page',
  word: 'word',
  find: 'Find',
  findALoadAnOutageA: 'Find a load, an outage, a power option, a page or a word',
  partOfAName: 'Part of a name',
}

export const pickDialog = {
  nothingIsCalledTryAShorter: 'Nothing is called “{text}”. Try a shorter part of the name.',
}

export const profileDialog = {
  temperatures: 'Temperatures',
  weights: 'Weights',
  volumes: 'Volumes',
  lengths: 'Lengths',
  wireSizes: 'Wire sizes',
  clock: 'Clock',
  decimalSign: 'Decimal sign',
  usdEurGbpCadAudNzd:
    'USD EUR GBP CAD AUD NZD CHF JPY NOK SEK DKK PLN CZK UAH TRY INR ZAR NGN KES MXN BRL PHP CNY KRW',
  nameUnitsAndMoney: 'Name, units and money',
  name: 'Name',
  money: 'Money',
  everyFieldTakesAnyUnitWhatever:
    'Every field takes any unit, whatever is shown: 70 F, 21 °C, 5 gal, 20 L, 25 ft, 12 AWG.',
}
