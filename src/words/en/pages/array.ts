/** Page Recharge: solar panels. */

export const arrayPanel = {
  inSeriesInParallel: '{series} in series × {parallel} in parallel, {watts}',
  showLess: 'Show less',
  changeIt: 'Change it',
  voltsOverTheLimitDestroyAn:
    'Volts over the limit destroy an input at once, and panels in light cannot be switched off: cover them before you join or part plugs. Fixed wiring belongs to a licensed electrician and local code.',
  aClearDayGivesMostAt:
    'A clear {monthName} day gives most at a tilt of {tilt}°; this one stands at {number}°. On a dull day in {monthName2} it brings {energy}',
  noNumberOfPanelsBringsA: '; no number of panels brings a day back then',
  suchPanelsWouldBringADays: '; {dullPanels} such panels would bring a day’s {energy} back',
  beforeAnyInputsLimit: '. Before any input’s limit.',
  name: 'Name',
  dirtCablesAndWhatElseIs: 'dirt, cables and what else is lost',
  inShade: 'In shade',
  theInputOf: 'The input of {source}',
  theInputOfAsItsLabel: 'The input of {source}, as its label says:',
  hasAnInputForPanelsEnter: '{source} has an input for panels: enter it',
  removeThesePanelsUndoBringsThem: 'Remove these panels (undo brings them back)',
}

export const controllerFields = {
  chargeController: 'Charge controller',
  noneStraightIntoAStation: 'none: straight into a station',
  mpptForABank: 'MPPT, for a bank',
  pwmForABank: 'PWM, for a bank',
  countsWhenABankOfParts: 'Counts when a bank of parts is selected.',
  itJoinsThePanelsToThe: 'It joins the panels to the battery: they work at the battery’s volts',
  vWhileItCharges: ', {number} V while it charges',
}

export const horizonFields = {
  shadedBy: 'Shaded by',
  obstacleFrom: 'Obstacle {i}: from',
  obstacleTo: 'Obstacle {i}: to',
  upTo: 'up to',
  obstacleHeight: 'Obstacle {i}: height',
  remove: 'remove',
  removeObstacle: 'Remove obstacle {i}',
  addAnObstacle: 'add an obstacle',
}

export const panelLabel = {
  wattsOfOne: 'Watts of one',
  vocOpenCircuit: 'Voc, open circuit',
  vmpAtFullPower: 'Vmp, at full power',
  atLeastVmpV: 'At least Vmp, {number} V.',
  atMostVocVVmpIs: 'At most Voc, {number} V; Vmp is about 0.83 of it.',
  iscShortCircuit: 'Isc, short circuit',
  impAtFullPower: 'Imp, at full power',
  atLeastImpA: 'At least Imp, {number} A.',
  atMostIscA: 'At most Isc, {number} A.',
  vocByTemperature: 'Voc by temperature',
  wattsByTemperature: 'Watts by temperature',
}

export const stringVerdict = {
  doesNotFit: 'Does not fit: {message}',
  coldestEverHere: 'Coldest ever here',
  neverColderThan: 'never colder than {temperature}',
  at: 'At {temperature}',
  guessedFromTheLatitude: ' (guessed from the latitude)',
  vByTheCodesTableV:
    ': {number} V by the code’s table (× {tableFactor}), {number2} V by the panel’s coefficient (× {number3}). The higher one counts.',
}

export const windowDrawing = {
  refused: 'refused',
  clipped: 'clipped',
  fits: 'fits',
  tooLow: 'too low',
  unsure: 'unsure',
  inputToAStringHotAt:
    'Input {volts} to {volts2}, {number} A; string {volts3} hot at work to {volts4} cold and open, {number2} A: {verdict}',
  cold: 'cold {volts}',
  hot: 'hot {volts}',
}

export const arrayFields = {
  counts: 'Counts',
  inUse: 'in use',
  panel: 'Panel',
  asTypedBelow: 'as typed below',
  inSeries: 'In series',
  inParallel: 'In parallel',
  tilt: 'Tilt',
  faces: 'Faces',
  coldestEverHere: 'Coldest ever here',
  losses: 'Losses',
}
