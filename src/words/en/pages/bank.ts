/** Page Power: build a bank. */

export const bankBuilder = {
  theBankOf: 'The bank of {system}',
  whatItIsBuiltOf: 'What it is built of',
  cutOffAgeingWhatTheFittings: 'cut-off, ageing, what the fittings cost',
  hideThePartsOwnFigures: 'Hide the parts’ own figures',
  thePartsOwnFiguresAsTheir: 'The parts’ own figures, as their labels say',
  andVa: '; {watts} and {number} VA, {wave}',
  notTakenYet: 'Not taken yet: {message}.',
  backToTheBankAsIt: 'Back to the bank as it was',
  noChargerNothingRefillsItFrom: 'No charger: nothing refills it from an outlet.',
  aRefillItFromItsDepth: '{number} A refill it from as far as it is emptied in about {number2} hours',
  tooSlowBetweenTwoOutages: ': too slow between two outages',
}

export const bankDrawing = {
  inSeriesVAh:
    '{series} in series, {parallel} {parallel, plural, one {string} other {strings in parallel}}: {number} V, {number2} Ah',
  inverterW: 'inverter, {number} W',
  directCurrentLoads: 'direct current loads',
  fuse: 'fuse',
}

export const bankLine = {
  inOneLine: 'In one line',
  text412V100AhAgm: '4 × 12 V 100 Ah AGM',
  enterTakesIt: '{count} × {battery} · Enter takes it',
}

export const bankNeeds = {
  besidesBatteriesAndInverterItNeeds:
    'Besides batteries and inverter it needs {fittings}: about {number} {currency}.',
  countThatInItsPrice: 'Count that in its price',
  itsPriceCountsForThem: 'Its price counts {number} {currency} for them.',
  lengthsAndWhatIsThereHookup:
    'Lengths and what is there: <link>Hookup</link>. A licensed electrician fits them, to local code.',
}

export const bankTab = {
  lithiumIronPhosphateLifepo424V: 'Lithium iron phosphate (LiFePO4), 24 V',
  agmSealedLeadAcid24V: 'AGM (sealed lead-acid), 24 V',
  floodedLeadAcid24V: 'Flooded lead-acid, 24 V',
  buildABatteryBank: 'Build a battery bank',
  isReadyMadeSoThereAre:
    '{chosen} is ready-made, so there are no parts to change. Build a battery bank to begin one: batteries in series and in parallel, an inverter, a charger.',
}

export const partFields = {
  ownFigures: ', own figures',
  oneBattery: 'One battery',
  ampHours: 'Amp-hours',
  ratedOverHours: 'Rated over (hours)',
  resistanceM: 'Resistance, mΩ',
  ownCutOff: 'Own cut-off',
  itsElectronicsSwitchItOff: 'its electronics switch it off',
  below: 'Below',
  cyclesAtDepth: 'Cycles at {percent} depth',
  weighs: 'Weighs',
  costs: 'Costs',
  theInverter: 'The inverter',
  watts: 'Watts',
  thatIsMoreThanItsSurge: 'That is more than its surge, {watts}.',
  surge: 'Surge',
  itsVoltAmpsMovedAlongTo:
    'Its volt-amps moved along to {number} VA, at the power factor it had. Its label may say another figure: change it below.',
  voltAmps: 'Volt-amps',
  thatIsLessThanItsRunning: 'That is less than its {watts} running.',
  surgeLasts: 'Surge lasts',
  efficiency: 'Efficiency',
  idleDrawNoLoad: 'Idle draw (no-load)',
  searchMode: 'Search mode',
  itSleepsUnderAFewWatts: 'it sleeps under a few watts',
  under: 'Under',
  thenDraws: 'Then draws',
  wave: 'Wave',
  pureSine: 'pure sine',
  modifiedSineHarmsMotors: 'modified sine: harms motors',
  alarmAt: 'Alarm at',
  chargesWithA: 'Charges with, A',
}

export const voltmeter = {
  whatAVoltmeterWillShow: 'What a voltmeter will show',
  about: 'About',
  charge: 'Charge',
  underLoad: 'Under load',
  atRest: 'At rest',
  onLifepo4VoltsSayLittleA:
    'On LiFePO4 volts say little: a meter off by 0.05 V is off by {perReading} of the charge. Count amp-hours instead.',
  aMeterOffBy005:
    'A meter off by 0.05 V is off by {perReading} of the charge; at rest means an hour without load.',
}

export const bankChange = {
  lifepo4: 'LiFePO4',
  agm: 'AGM',
  flooded: 'flooded',
  vAhBank: '{number} V {number2} Ah {chemistrywords} bank',
}

export const bankFields = {
  battery: 'Battery',
  inSeries: 'In series',
  stringsInParallel: 'Strings in parallel',
  inverter: 'Inverter',
  noneDirectCurrentOnly: 'none: direct current only',
  chargerOfItsOwn: 'Charger of its own',
  itStands: 'It stands',
  indoors: 'indoors',
  inAnUnheatedRoom: 'in an unheated room',
  outdoors: 'outdoors',
  lowVoltageCutOff: 'Low-voltage cut-off',
  capacityLostToAgeing: 'Capacity lost to ageing',
  peukertExponent: 'Peukert exponent',
  voltageAt50: 'Voltage at 50 %',
  text1205VAtRestThe: '12.05 V at rest: the usual table',
  text1210VAtRestRecharge: '12.10 V at rest: recharge earlier',
  chargerFusesCablesPrice: 'Charger, fuses, cables: price',
}
