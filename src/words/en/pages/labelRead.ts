/** What was read off a label. */
export const labelRead = {
  startingWatts: 'Starting watts',
  runningWatts: 'Running watts',
  averageWatts: 'Average watts',
  defrostWatts: 'Defrost watts',
  wattsBetweenCycles: 'Watts between cycles',
  idleWatts: 'Idle watts',
  minutesEachTime: 'Minutes each time',
  noneWord: 'none',
  nothingOfItDiffersFromWhat: 'Nothing of it differs from what is entered.',
  voltsAmpsAreALimitAt: 'Volts × amps are a limit: at most {watts}.',
  notUnderstood: 'Not understood: {unread}.',
  useItEnter: 'Use it <kbd>Enter</kbd>',
}
