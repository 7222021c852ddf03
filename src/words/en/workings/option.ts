/** How an option’s figures are worked out. */

export const propertyWorkings = {
  takenFromTheBatteryOutletsIdle:
    'taken from the battery = outlets + idle draw + conversion; means of {runs} runs, over the outage or until empty',
  reachesTheOutlets: 'reaches the outlets',
  idleDraw: 'idle draw',
  conversion: 'conversion',
  taken: '{energy} taken',
  whereTheEnergyGoes: 'Where the energy goes',
  charging: 'Charging',
  ampHoursUsed102Amps: 'amp-hours used × 1.02 ÷ amps, and 0.3 h to taper off',
  ampHoursToFourFifths1:
    'amp-hours to four fifths × 1.1 ÷ amps, then absorption: 4 h at least, ever more slowly',
  ampHoursUsed: 'amp-hours used',
  charger: 'charger',
  noCharger: 'no charger',
  energyUsed11ForThe: 'energy used × 1.1 for the taper ÷ (AC input × charger efficiency)',
  energyUsed: 'energy used',
  acInput: 'AC input',
  chargerEfficiency: 'charger efficiency',
  taper: 'taper',
  acChargingFromItsReserveTo: 'AC charging, from its reserve to full',
  commonPracticeNoSourceLoadsThat:
    'Common practice, no source. Loads that run meanwhile take their share of the input.',
  costPerKwhOverItsLife: 'Cost per kWh over its life',
  whatReachesTheOutletsOfOne: 'What reaches the outlets of one charge',
  whatCanBeTakenIdleDraw: 'what can be taken ÷ (idle draw + usual load ÷ efficiency) × usual load',
  usualLoad: 'usual load',
  priceOfAKwh: 'Price of a kWh',
  priceCyclesUsableKwh: 'price ÷ (cycles × usable kWh)',
  price: 'price',
  cycles: 'cycles',
  asIfItWereUsedTo:
    'As if it were used to its depth every day until it is worn. Most are not; for outages alone it is the price that counts.',
  equalsOutagesOfLostFood: 'Equals outages of lost food',
  outages: 'Outages',
  priceFoodAtStake: 'price ÷ food at stake',
  foodAtStake: 'food at stake',
}

export const searchWorking = {
  theRuntimeThatOfRunsReach:
    'the runtime that {percent} of {searchruns} runs reach; the same demand for every option',
  needed: 'needed',
  over: 'over ',
  price: 'Price',
  itIsThereAlready: 'it is there already',
  batteriesPriceInverterWhatCharges: 'batteries × price + inverter + what charges, joins and protects it',
  asListed: 'as listed',
  notKnown: 'not known',
  itCarriesAndStartsEverythingAnd: 'It carries and starts everything, and lasts.',
  whyItFallsShort: 'Why it falls short: {why}.',
  expansionBattery: '{count} × expansion battery',
}
