/** Fields of a load. */

export const cyclingFields = {
  cycleThermostatHowItIsDriven: 'cycle, thermostat, how it is driven',
  onOfTheTimeInThis: 'On {result} of the time in this outage (duty cycle).',
  howThatComesAbout: 'How that comes about',
}

export const evidencePicker = {
  typical: 'Typical',
  label: 'Label',
  measured: 'Measured',
  tested: 'Tested',
  upToTimesMoreOrLess: 'up to {times} times more or less',
  howItsEnergyIsKnown: 'How its energy is known',
}

export const labelReader = {
  onAMotor: 'on a motor',
  onSomethingThatHeats: 'on something that heats',
  onElectronics: 'on electronics',
  onARefrigeratorOrFreezer: 'on a refrigerator or freezer',
  labelNameplate: 'Label (nameplate)',
  text120V65A1: '120 V 6.5 A · 412 kWh/year',
  whatTheLabelIsOn: 'What the label is on',
}

export const runningWatts = {
  whatCyclesDrawsMoreThanNothing:
    'While it runs it draws more than 0 W. To leave it out of the plan, switch it off.',
  runningWatts: 'Running watts',
  startingWatts: 'Starting watts',
  thatIsMoreThanTheIt: 'That is more than the {watts} it starts with.',
  whatMeans: 'What {watts} means',
  whatDoesMean: 'What does {watts} mean?',
}

export const coldBoxRows = {
  defrost: 'Defrost',
  itHasADefrostHeater: 'it has a defrost heater',
  defrostWatts: 'Defrost watts',
  forWord: 'for',
  eachOfRunning: 'each, of running',
  itComes: 'It comes',
  byATimer: 'By a timer',
  whenTheElectronicsSeeFit: 'When the electronics see fit',
  doors: 'Doors',
  keptShut: 'kept shut',
  openedTimesADay: 'Opened, times a day',
}

export const cyclingRows = {
  itMustDifferFromByA: 'It must differ from {words} by a degree at least.',
  averageWatts: 'Average watts',
  runningWatts: 'Running watts',
  anAverageCannotBeAboveThe: 'An average cannot be above the running watts ({watts}).',
  variesWith: 'Varies with',
  nothingTheSameAllYear: 'Nothing: the same all year',
  warmthARefrigeratorACooler: 'Warmth: a refrigerator, a cooler',
  coldABoilerAFurnaceA: 'Cold: a boiler, a furnace, a heater',
  standsIn: 'Stands in',
  indoors: 'Indoors',
  inAnUnheatedRoom: 'In an unheated room',
  outdoors: 'Outdoors',
  atATemperatureOfItsOwn: 'At a temperature of its own',
  about: 'About',
  oneCycleOnAndOff: 'One cycle, on and off',
  noHeatNeededFrom: 'No heat needed from',
  thermostatSetting: 'Thermostat setting',
  whereTheAverageWasMeasured: 'where the average was measured',
  averageMeasuredAtARoomTemperature: 'Average measured at a room temperature of',
  theThermostatSetting: 'the thermostat setting',
  betweenCycles: 'Between cycles',
  betweenCyclesItDrawsLessThan: 'Between cycles it draws less than running ({watts}).',
  compressorOrBurner: 'Compressor or burner',
  onOrOff: 'On or off',
  inverterModulatesNoStartSurge: 'Inverter: modulates, no start surge',
  twoStages: 'Two stages',
  lowestWatts: 'Lowest watts',
  theLowestCannotBeAboveThe: 'The lowest cannot be above the running watts.',
  lowStage: 'Low stage',
  theLowStageCannotBeAbove: 'The low stage cannot be above the running watts.',
  howFull: 'How full',
  alreadyOffFor: 'Already off for',
  offBefore: 'Off before',
  warmAtTheStart: 'Warm at the start',
  offForHBefore: 'Off for {offForH} h before',
  itRunsFlatOutAtFirst: '{offForH}: it runs flat out at first, until it has caught up.',
  blower: 'Blower',
  runsOnAMinuteAfterThe: 'runs on a minute after the burner',
}

export const dragRows = {
  spacePicksItUpArrowsMove:
    'Space picks it up, arrows move it, space puts it down, Escape leaves it where it was.',
  pickedUp: 'Picked up.',
  atPlaceOf: 'At place {place} of {all}.',
  putDown: 'Put down.',
  backWhereItWas: 'Back where it was.',
  aRowThatCanBeMoved: 'a row that can be moved',
  move: 'Move {name}',
  dragToAnotherPlace: 'Drag to another place',
}
