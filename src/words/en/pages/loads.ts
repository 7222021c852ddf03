/** Page Loads. */

export const loadInspector = {
  constantOnAllTheTime: 'Constant: on all the time',
  cyclingAThermostat: 'Cycling: a thermostat',
  pumpFloatOrPressureSwitch: 'Pump: float or pressure switch',
  chargingAFixedAmountThenNothing: 'Charging: a fixed amount, then nothing',
  scheduledByTheClock: 'Scheduled: by the clock',
  sessionMinutesAtATime: 'Session: minutes at a time',
  legA: 'Leg A',
  legB: 'Leg B',
  text240VBothLegs: '240 V, both legs',
  text12VDc: '12 V DC',
  removed: 'Removed {load}.',
  aMedicalDeviceThisPlanCounts:
    'A medical device. This plan counts hours; it does not replace your supplier’s or doctor’s emergency plan. Ask them for a second source and whom to call, and register with your utility if it keeps a list.',
  nothingIsKnownOfItYet:
    'Nothing is known about it yet: {watts} day and night is a stand-in. Enter what it draws, and under Behaviour when it runs.',
  name: 'Name',
  inThisOutage: 'In this outage',
  behaviour: 'Behaviour',
  howMany: 'How many',
  wattsAndWattHoursAreThose: 'Watts and watt-hours are those of all',
  togetherEach: 'together: {watts} each.',
  readingsFromAPlugInMeter: 'Readings from a plug-in meter',
  beatAnyLabelADayNarrows: 'beat any label: a day narrows its energy to ±8 %.',
  motorStartVoltageNote: 'motor start, voltage, note',
  voltage: 'Voltage',
  onLeg: 'On leg',
  note: 'Note',
  duplicate: 'Duplicate',
  notAMedicalDevice: 'Not a medical device',
  thisIsAMedicalDevice: 'This is a medical device',
  remove: 'Remove',
}

export const loadAverage = {
  onAverageInThisOutageLikely:
    '{watts} on average in this outage, likely {watts2} to {watts3}; {energy} a day.',
  theWorking: 'The working',
}

export const loadLedger = {
  inWord: '{nLoads} {nLoads, plural, one {load} other {loads}} in {scenario}',
  noLoadsYet: 'No loads yet',
  beginWithWhatMustNotStop:
    'Begin with what must not stop: the refrigerator, the heating’s pump, a breathing aid, the router. Typical watts are filled in; the label or a plug-in meter makes them better.',
  addALoad: 'Add a load',
  orPressA: 'or press <kbd>a</kbd>',
}

export const loadsPage = {
  theSelectedLoad: 'The selected load',
}

export const meant = {
  enter: 'Enter',
}

export const quickLine = {
  orOneLineFridge150w1: 'or one line: fridge 150W 1/3 on',
  aLoadInOneLine: 'A load in one line',
  enterKeepsIt: '{understood} · <kbd>Enter</kbd> keeps it',
}

export const sizingNumbers = {
  runningWattsTogether: 'running watts together',
  peakWithTheLargestMotorStart: 'peak with the largest motor start',
  allStartsAtOnce: 'all starts at once',
  aDay: 'a day',
  startsCounted:
    'Starts counted {isUsual, select, yes {as the largest on top of all running} other {all at once, the conservative way}}.',
  countAllStartsAtOnce: 'Count all starts at once',
  countTheLargestOnTop: 'Count the largest on top',
}

export const tierHint = {
  heat: 'Heat',
  cooling: 'Cooling',
  thisWord: 'This',
  takesWhileItRuns: '{isHeat} takes {watts} while it runs',
  aDay: ', {energy} a day',
  a2KwhStationCarriesIt:
    ': a 2 kWh station carries it about {value} h without a pause. Consider “flexible” or “not on battery”, or a way without electricity.',
}

export const timerField = {
  switchedBy: 'Switched by',
  aTimerToTheMinute: 'a timer, to the minute',
}

export const ledgerColumns = {
  on: 'On',
  on2: '{load} on',
  on3: 'on',
  off: 'off',
  importance: 'Importance',
  importanceOf: 'Importance of {load}',
  runningW: 'Running W',
  defrosting: '{number} defrosting',
  startingW: 'Starting W',
  noneWord: 'none',
  averageW: 'Average W',
  whADay: 'Wh a day',
  evidence: 'Evidence',
}

export const tierWords = {
  critical: 'Critical',
  flexible: 'Flexible',
  optional: 'Optional',
  notOnBattery: 'Not on battery',
  criticalMustNotStop: 'Critical: must not stop',
  flexibleMayBePaused: 'Flexible: may be paused',
  optionalGoesFirst: 'Optional: goes first',
}
