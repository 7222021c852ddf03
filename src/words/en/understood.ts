/** What was understood of a load’s line. */
export const understood = {
  takenFor: 'taken for: {name}',
  running:
    '{watts}{each, select, none {} other { ({count} × {each})}}{isUsual, select, yes {, usual} other {}}',
  between: '{watts} between',
  aDay: '{energy} a day',
  startsAt: 'starts at {watts}',
  medical: 'a medical device',
  always: 'on all the time',
  byTheClock: 'by the clock {windows}',
  window: '{from} to {to}{days, select, none {} other { {days}}}',
  sessions: '{length} {when}',
  at: 'at {clocks}',
  onceADay: 'once a day',
  timesADay: '{times} times a day',
  byThermostat: 'on and off by a thermostat, {share} of the time',
  pumping: 'pumping, {share} of the time',
  charging: 'charging {energy} {when}',
  onceAtTheStart: 'once, at the start',
  nothing: 'Nothing is written here.',
  notUnderstood: '{pieces} not understood. Use the rest?',
  unknownRow: '“{said}” is not known; “line” or “plate:” and one of {kinds} would be right.',
} as const
