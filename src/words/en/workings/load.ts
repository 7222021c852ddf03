/** How a load’s figures are worked out. */

export const averageWorking = {
  running: 'running',
  average: 'Average',
  runningWattsAllDay: 'running watts, all day',
  dutyCycle: 'Duty cycle',
  averageRunning1AtMost: 'average ÷ running, 1 at most',
  average2: 'average',
  runningShareOfTheTimeIt: 'running × share of the time it runs',
  share: 'share',
  chargesADayEnergyEfficiency24: 'charges a day × energy ÷ efficiency ÷ 24, and the idle watts between',
  chargesADay: 'charges a day',
  text1AtTheStart: '1, at the start',
  energy: 'energy',
  efficiency: 'efficiency',
  idle: 'idle',
  runningMinutesOnADay1440: 'running × minutes on a day ÷ 1440',
  on: 'on',
  minADay: '{number} min a day',
  inThisOutage: 'In this outage',
  eachHoursDutyCycleWattsAfter:
    'each hour’s duty cycle × watts, after weather, rain and what is kept off; mean of the hours',
  averageAsKnown: 'average as known',
  energyADay: 'Energy a day',
  average24H: 'average × 24 h',
  averageAndEnergyADay: '{name}: average and energy a day',
}

export const pumpWorking = {
  shareOfTheTimeAsKnown: 'Share of the time, as known',
  timeOnSpacing: 'time on ÷ spacing',
  inflow60PumpRate: 'inflow ÷ 60 ÷ pump rate',
  timeOn: 'time on',
  every: 'every',
  inflow: 'inflow',
  pumpRate: 'pump rate',
  inThisOutage: 'In this outage',
  shareInflowOfThisRainInflow: 'share × inflow of this rain ÷ inflow when known',
  shareUseThroughTheDayMean: 'share × use through the day, mean 1',
  factor: 'factor',
  runTimeAndSpacing: 'Run time and spacing',
  onVRateInflowOffV:
    'on = V ÷ (rate − inflow), off = V ÷ inflow, with V ÷ rate = the quarter of the half-duty period',
  vRate: 'V ÷ rate',
  nothingFlowsIn: 'nothing flows in',
  neverStops: 'never stops',
  minOnMinOff: '{number} min on, {number2} min off',
  howOftenItRuns: '{name}: how often it runs',
}

export const thermostatWorking = {
  betweenCycles: '({what} − between cycles)',
  dutyWhereItWasKnown: 'Duty where it was known',
  running: 'running',
  average: 'average',
  hoursBetweenHoursBetweenDefrost:
    'hours between ÷ (({above} × hours between + defrost watts × its hours) ÷ {above2} − its hours), 1 at most',
  text1AtMost: '{above} ÷ {above2}, 1 at most',
  betweenCycles2: 'between cycles',
  defrost: 'defrost',
  minEveryHOfRunning: '{watts}, {number} min every {number2} h of running',
  dutyInThisOutage: 'Duty in this outage',
  surroundingsThermostatSetting:
    '(surroundings − thermostat setting) ÷ (surroundings when measured − thermostat setting) × duty, 1 at most',
  surroundingsMean: 'surroundings, mean',
  noHeatingNeededAt: 'no heating needed at',
  thermostatSetting: 'thermostat setting',
  knownAt: 'known at',
  dutyCycle: '{name}: duty cycle',
}
