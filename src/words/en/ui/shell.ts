/** The frame around every page. */

export const householdLoader = {
  theHouseholdCouldNotBeRead: 'The household could not be read.',
  yotropeIsNotAnswering: 'Yotrope is not answering.',
  nothingIsLost: '{failure} Nothing is lost.',
  tryAgain: 'Try again',
  fetchingTheHousehold: 'Fetching the household',
}

export const saving = {
  notSaved: 'Not saved.',
  yotropeIsNotAnsweringWhatYou:
    'Yotrope is not answering. What you typed is kept in this browser and saved when it is back.',
}

export const announcer = {
  whatWasDone: 'What was done',
  theAnswerNow: 'The answer now',
}

export const householdMenu = {
  sampleData: 'sample<span> data</span>',
  sample: ' (sample)',
  nameUnitsAndMoney: 'Name, units and money…',
  startAnotherHousehold: 'Start another household',
  keepThisHousehold: 'Keep this household…',
  downloadThisPlanJson: 'Download this plan (JSON)',
}

export const notices = {
  undo: 'Undo',
}

export const sampleNote = {
  aboutThisPage: 'About this page',
  howLongYourPowerLastsIn: 'How long your power lasts in an outage, and until what hour.',
  thisIsAMadeUpHousehold: 'This is a made-up household to look around in; change anything.',
  startYours: 'Start yours',
}

export const saveStatus = {
  saved: 'Saved {clock}',
  saving: 'Saving…',
  notSaved: 'Not saved',
}

export const shell = {
  skipToThePage: 'Skip to the page',
  thePowerIsOutWriteDown: 'The power is out: write down what happens',
  thePowerIsOut: 'The power is out',
  find: 'Find',
  wordsAndKeys: 'Words and keys',
}

export const staleNotice = {
  thisHouseholdWasSavedElsewhereAt:
    'This household was saved elsewhere at {clock}, after you opened it. Nothing was overwritten: which state should count?',
  takeTheNewerStateUndoBrings: 'Take the newer state (undo brings yours back)',
  keepMineAndSaveIt: 'Keep mine and save it',
}

export const stepsNav = {
  steps: 'Steps',
  more: 'More',
}

export const themeSwitch = {
  dayTheme: 'Day theme',
  nightTheme: 'Night theme',
}

export const undoKeys = {
  undoCtrlZ: 'Undo (Ctrl Z)',
  undo: 'Undo',
  undone: 'Undone',
  redoCtrlShiftZ: 'Redo (Ctrl Shift Z)',
  redo: 'Redo',
  doneAgain: 'Done again',
}

export const unreachable = {
  yotropeCannotBeReachedJustNow:
    'Yotrope cannot be reached just now. This page keeps working, and keeps what you type; the others open when it is back.',
  thisPartIsNotHereYet:
    'No connection: what you asked for is not here yet. This page keeps working; it comes when the connection is back.',
}

export const part = {
  noConnection: 'No connection: this part is not here yet. It comes by itself when the connection is back.',
  couldNotBeShown: 'This part could not be shown. Nothing you typed is lost.',
  tryAgain: 'Try again',
}

export const keySettings = {
  addALoadAnOutageAn: 'Add: a load, an outage, an option or panels, by the page you are on',
  findAnythingALoadAnOutage: 'Find anything: a load, an outage, an option, a page, a word',
  wordsAndKeys: 'Words and keys',
  previousPowerOption: 'Previous power option',
  nextPowerOption: 'Next power option',
  previousOutage: 'Previous outage',
  nextOutage: 'Next outage',
  onRuntimeDoWhatAddsMost: 'On Runtime: do what adds most hours',
  onRuntimeUndoWhatWasDone: 'On Runtime: undo what was done to add hours',
  openOutage: 'Open Outage',
  openLoads: 'Open Loads',
  openPower: 'Open Power',
  openRuntime: 'Open Runtime',
  openRecharge: 'Open Recharge',
  openHookup: 'Open Hookup',
  openTestRun: 'Open Test run',
  oneLetterFigureOrSignSuch: 'One letter, figure or sign, such as n or +.',
  isTaken: '“{key}” is taken: {keyacts}.',
}

export const steps = {
  outage: 'Outage',
  startLengthPlaceWeatherTemperature:
    'start length place weather temperature town absence asleep confidence scenario storm winter',
  whichOutageYouPrepareForWhen:
    'Which outage you prepare for: when it starts, how long it lasts, how cold or hot it is.',
  loads: 'Loads',
  appliancesThingsWattsRefrigerator:
    'appliances things watts refrigerator freezer furnace pump router meter label importance',
  whatMustNotStopAndWhat: 'What must not stop, and what each thing draws.',
  power: 'Power',
  powerStationBatteryBankInverter:
    'power station battery bank inverter compare buy own equipment find price weight lifetime',
  whatFeedsItComparePowerStations:
    'What feeds it: compare power stations and battery banks, build one, or have one found.',
  runtime: 'Runtime',
  howLongHoursChartStateOf: 'how long hours chart state of charge end timeline what adds hours what if worse',
  howLongItLastsAndUntil:
    'How long it lasts and until what hour, what each thing takes, and what adds hours.',
  recharge: 'Recharge',
  solarPanelsSunGeneratorFuelCar: 'solar panels sun generator fuel car wall outlet charger refill input',
  whatFillsTheBatteryAgainSun: 'What fills the battery again: sun, generator, car or wall outlet.',
  hookup: 'Hookup',
  wiringCordCableFuseExtension:
    'wiring cord cable fuse extension transfer switch inlet ground neutral carbon monoxide hazard danger safety parts list pit pipes food',
  whatPlugsIntoWhatWithWhich:
    'What plugs into what, with which cord and fuse, what can hurt, and what is lost when it ends.',
  testRun: 'Test run',
  tryTestDrillOutageLogReadings:
    'try test drill outage log readings percent volts learn history power is out',
  tryThePlanOnPurposeOr:
    'Try the plan on purpose, or write a real outage down: when it ends, and what the plan had wrong.',
}

export const pagePurpose = {
  readDoNotShowItAgain: 'Read: do not show it again',
}

export const useShortcuts = {
  doneAgain: 'Done again',
  undone: 'Undone',
  outage: 'Outage: {next}',
  powerOption: 'Power option: {next}',
}
