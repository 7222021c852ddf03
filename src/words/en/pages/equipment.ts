/** Page Power: equipment of one's own and what a source is made of. */

export const ownEquipment = {
  theFileIsLargerThan2: 'the file is larger than 2 MB; a list of equipment has a few lines',
  ofTheSameNameRenewed: ', {renewed} of the same name renewed',
  added: '{added} added{renewed}.',
  piecesAtMostTheRestWas: '{equipment} pieces at most; the rest was left out',
  noRowsTheHeaderIs: 'no rows; the header is {equipmentcolumns}',
  yourOwnEquipment: 'Your own equipment',
  whatYouOwnOrHaveLookedAt:
    'What you own, or have looked at in a shop. It is searched along with the catalogue; what you own costs nothing more.',
  name: 'Name',
  stored: 'Stored',
  watts: 'Watts',
  price: 'Price',
  owned: 'Owned',
  actions: 'Actions',
  isYours: '{source} is yours',
  asAnOption: 'as an option',
  addedToTheOptions: 'Added {name} to the options.',
  remove: 'remove',
  readACsvFile: 'Read a CSV file',
  writeACsvFile: 'Write a CSV file',
  whatACsvFileNeeds: 'What a CSV file needs',
  aFirstLineWithTheNames:
    'A first line with the names of its columns: <code>{equipmentcolumns}</code> and, where known, <code2>{equipmentcolumns2}</code2>; of a bank of parts also <code3>{equipmentcolumns3}</code3>. Written out once, a file shows them all.',
  line: 'Line {line}: ',
}

export const sourcesPanel = {
  sourcesOf: 'Sources of {system}',
  oneSource: 'One source',
  sources: '{nSources} sources',
  inWord: '{nSources} in {system}',
  source: 'Source',
  stored: 'Stored',
  emptyAfter: 'Empty after',
  itsTurn: 'Its turn',
  here: 'Here',
  remove: 'Remove',
  away: 'away',
  turnOf: 'Turn of {source}',
  isHere: '{source} is here',
  remove2: 'remove',
  removeSource: 'remove {source}',
  atTheSwapTheLoadsAre:
    'At the swap you plug the loads over and they stop for that moment: network gear restarts, a medical device may alarm. The empty one can be charged elsewhere meanwhile, or lent; untick it while it is away.',
  whatIsPluggedInWhere: 'What is plugged in where',
  addASourceBesideIt: 'Add a source beside it',
  notInSight: 'not in sight',
  besideTheOthers: 'beside the others',
  after: 'after {name}',
}

export const limits = {
  chargingTemperature: 'Charging temperature',
  operatingTemperature: 'Operating temperature',
  limits: 'Limits',
  inHeat: 'In heat',
  itGivesFewerWatts: 'it gives fewer watts',
  above: 'Above',
  lessADegree: 'Less, a degree',
  lightLoads: 'Light loads',
  itGoesToSleep: 'it goes to sleep',
  under: 'Under',
  forWord: 'For',
  cycles: 'Cycles',
  warrantyYears: 'Warranty, years',
  from: '{name} from',
  upTo: '{name} up to',
  belowItsHighest: 'Below {temperature}, its highest.',
  aboveItsLowest: 'Above {temperature}, its lowest.',
}

export const fittingProps = {
  aWholeNumberFromTo: 'A whole number from {low} to {high}.',
}

export const fittings = {
  specificationsOf: 'Specifications of {name}',
  whatHas: 'What {name} has',
  showLess: 'Show less',
  itsOutletsInputsAndLimitsAs: 'Its outlets, inputs and limits, as its label says',
  enterItsOutletsInputsAndLimits: 'Enter its outlets, inputs and limits',
}

export const outputs = {
  outputs: 'Outputs',
  volts: 'Volts',
  surgeLasts: 'Surge lasts',
  outlets: 'Outlets',
  ampsOfEach: 'Amps of each',
  eachLegHasItsOwnLimit: 'each leg has its own limit',
  wattsALeg: 'Watts a leg',
  withTheGrid: 'With the grid',
  itGivesOtherWatts: 'it gives other watts',
  wattsWithIt: 'Watts with it',
  directCurrent: 'Direct current',
  text12VSocketAndUsb: '12 V socket and USB',
  text12VSocket: '12 V socket',
  usbTogether: 'USB together',
  dcEfficiency: 'DC efficiency',
  expansions: 'Expansions',
  itTakesMoreBatteries: 'it takes more batteries',
  atMost: 'At most',
  attached: 'Attached',
  eachStores: 'Each stores',
  eachCosts: 'Each costs',
  eachWeighs: 'Each weighs',
}

export const inputs = {
  inputs: 'Inputs',
  acCharging: 'AC charging',
  from12V: 'From 12 V',
  allInputs: 'All inputs',
  haveALimitTogether: 'have a limit together',
  together: 'Together',
  panels: 'Panels',
  itHasAnInputForThem: 'it has an input for them',
  theHighestVoltsMustBeThose:
    'The highest volts must be those on its label: panels above them destroy it at once.',
  whileItCharges: 'While it charges',
  itCanSupplyItsOutlets: 'it can supply its outlets',
  passThroughTheWallOutletFeeds: 'pass-through: the wall outlet feeds its outlets',
  whenTheGridFails: 'When the grid fails',
  switchesOverAutomaticallyUps: 'switches over automatically (UPS)',
  after: 'After',
}
