/** What is done every so many months. */

export const upkeep = {
  topUpThe: 'Top up the {source}',
  readItsChargeFirstLyingFor:
    'Read its charge first: lying for {months} costs about {percent}. Much less than {percent2} means that something draws from it, or that it has aged.',
  thenChargeItFull: 'Then charge it full.',
  thenChargeItFullAboutAt: 'Then charge it full: about {duration} at an outlet.',
  neverChargeLithiumBatteriesBelow: 'Never charge lithium batteries below {temperature}.',
  runTheFor15Minutes: 'Run the {generator} for 15 minutes',
  underLoadOutdoors6M20:
    'Under load, outdoors, 6 m (20 ft) from the house, exhaust away from windows and doors: carbon monoxide kills. Look at its oil.',
  renewTheStoredFuel: 'Renew the stored fuel',
  useUpTheOnHandAnd:
    'Use up the {volume} on hand and store fresh fuel, stabilised, in cans made for it, away from house and flame.',
  testTheCarbonMonoxideAlarms: 'Test the carbon monoxide alarms',
  onEveryFloorNewBatteriesWhere:
    'On every floor. New batteries where they need them; replace those past their date.',
  aMonth: 'a month',
  months: '{count} months',
}
