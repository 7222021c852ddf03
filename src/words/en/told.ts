/** Facts of the core, each said where it is shown. A value’s name with N behind it is the number alone. */
export const told = {
  of: '{name}: {message}',
  noSuchWeather:
    'With days of {usualHighC} there is no such weather in that month; choose another, or another start.',
  noCharger: '{source} has no charger for household current',
  noWallCharging: '{source} has no charger: household current does not charge it',
  chargesWith: '{source} charges with {limitW} at most',
  frost: 'Frost: {source} must not be charged below its limit, and it gets {coldestC} where it stands',
  heat: 'Heat: {source} does not charge where it gets {hottestC}',
  /** what it costs to keep a load off */
  off: {
    medical:
      'whoever depends on {name} goes without it {offLongMin, select, none {for long} other {for {offLongMin}}}: ask its supplier what to do in an outage',
    cold: 'keep it shut: closed it stays cold enough for about {keepsH}',
    coldTooLong:
      'longer than the {keepsH} a closed refrigerator keeps cold: throw out what was above {aboveC} for 2 h',
    frozen: 'keep it shut: so full it stays frozen for about {keepsH}, less in the heat',
    frozenTooLong: 'longer than the {keepsH} it stays frozen kept shut: food in it is lost',
    houseCools: 'the house cools meanwhile; watch the pipes, and people who are old or ill',
    houseFalls:
      'the house falls to about {insideC}{pipesFreeze, select, yes {; pipes may freeze: drain them or keep them warm} other {}}',
    freezes: 'what it keeps from freezing freezes',
    roomsHot: 'rooms grow hot; watch people who are old or ill, and small children',
    animals:
      'watch the animals: they are without it {offLongMin, select, none {for long} other {for {offLongMin}}}',
    pit: 'the pit keeps filling: watch its level',
    water: 'no water is drawn meanwhile: fill cans beforehand',
  },
  /** what no gate measures of a source */
  source: {
    asleep:
      'It switches its outlets off when less than {thresholdW} is drawn for {afterMinutes} min; {quietestW} is drawn at the quietest. Switch that off, or the power ends there at night.',
    searches:
      'In search mode it feeds nothing under {thresholdW}; {quietestW} is drawn at the quietest. Small loads go out between the large ones.',
    tooCold: 'It gives nothing below {lowC}, and it gets {coldestC} where it stands; that ends the run.',
    tooHot: 'It switches off above {highC}, and it gets {hottestC} where it stands; that ends the run.',
    noColdCharging: 'It must not be charged below {limitC}: bring it in, or use one that heats itself.',
    lessInCold: 'At {meanC} on average it gives {shareFraction} of its capacity; that is counted.',
    keepForDriving: 'Keep the charge you need for a drive to safety; what it keeps is its reserve.',
    engineOutdoors:
      'Never run a car’s engine in a garage or near a window: carbon monoxide kills. Park it outdoors, mind its charge for driving.',
    officeUps:
      'An office UPS is made for minutes: its fan and inverter take a large share, and some beep all night.',
  },
  /** what speaks against a bank */
  bank: {
    manyRows:
      '{rows} strings in parallel share their current unevenly; most makers allow {usual}. Larger batteries or more volts do better.',
    oneKind:
      'All batteries of one kind and age, bought together, each string fused: the weakest sets the pace.',
    modifiedSine:
      'A modified sine wave harms or disturbs compressors, pumps, medical devices and some chargers; it suits lamps and heaters.',
    manyAmps: '{fullLoadA} at full load is much for cables and terminals; more volts are easier.',
    flooded:
      'Flooded batteries give off hydrogen and can spill acid: outside the living space, vented to the open air, no sparks.',
  },
  /** what would open a shut gate */
  opener: {
    bought:
      '{name}{expansionsN, plural, =0 {} one { with one expansion} other { with # expansions}}, {priceN, plural, =0 {which is there already} other {{price} {currency}}}',
    otherFeed:
      '{forDc, select, none {} other {feed {forDc} with 12 V direct current}}{forDc, select, none {} other {{others, select, none {} other { and }}}}{others, select, none {} other {leave {others} off}}',
    notTogether: 'do not run {name} together with the rest',
  },
  /** what comes back by itself */
  repeat: {
    noLength: 'it must run for some minutes each time',
    neverStops: 'it would never stop: the time from one to the next must be longer than it runs',
    afterTheEnd: 'the first begins after the outage has ended',
    tooOften: 'that makes {count} times; {most} at most, so less often or a shorter outage',
  },
  pump: {
    neverStops:
      'As much flows in as the pump lifts ({rateFraction} of its rate): it never stops, and the water rises.',
  },
  /** panels against what takes them in */
  panels: {
    noController: '{source} needs a charge controller between panels and batteries',
    noInput: '{source} has no input for panels',
    unlike:
      'do not go together on one input: {lowest} works at {lowestVolts}, {highest} at {highestVolts}, and the lower pulls the higher down. Join them so that their volts are alike, or give each an input of its own',
    besides: '{unlike}. Besides, {message}',
    refused:
      '{openVolts} open circuit is over the input’s {highVolts} and would destroy it; {mostInSeriesN, plural, =0 {none} other {{mostInSeries}}} in series at most',
    tooLow: '{openVolts} never reaches the input’s {lowVolts}; more in series',
    clipped: 'safe, clipped to {mostAmperes} and {mostW}',
    fits: 'fits',
    unsure:
      'not sure yet: {openVolts} at {guessC}, which is a guess, under the input’s {highVolts}. Type the coldest it has ever been here; colder than that may destroy the input',
    atAGuess: '{found}, at {guessC}, which is a guess. Type the coldest it has ever been here',
    inAnyCold: '{found}, however cold it gets',
    neverWorks:
      'works at {coldVolts} at most, under the {lowVolts} it must reach: it never charges; {inSeries} in series would, if the cold allows it',
    stopsInHeat:
      'On a hot day it works at {hotVolts}, under the input’s {lowVolts}: it stops at noon in summer. One more in series, if the cold allows it.',
    pwmLoses:
      'A PWM controller pulls the panels down to the battery’s volts: what they have above is lost. An MPPT controller would take it.',
    belowInput: 'The panels’ volts stay below what the input needs all through the outage',
    noSun: 'The sun does not reach the panels in these hours: night, shade or what stands before it',
  },
  /** from what a label says to a figure */
  label: {
    voltAmps:
      'Volt-amps: volts × amps{isPair, select, yes {, those that belong together} other {}}: {volts} V and {current} A',
    most: 'Most it may draw: the higher of V × A and W{mostW, select, none {} other {: {mostW}}}{byAmpsVa, select, none {} other { and {byAmpsVa}}}',
    middle: 'Running: the middle of what is printed: {fromW} and {toW}',
    byAmps:
      'Running: V × A × power factor{isShaft, select, yes {; the kW on a motor are those of its shaft} other {}}: {byAmpsVa} and {factor}',
    byOutput: 'Running: output ÷ {efficiency}, a power supply’s usual efficiency: {outputW}',
    cycle: 'Each cycle: as printed',
    all: 'All of them: {count} × one: {oneW}',
    motor:
      'Motor: full-load amps of its size × volts × power factor: {hp} hp, {fullAmperes} (NEC Table 430.248) and {factor}',
    startOfHp:
      'Start: {letter, select, none {full-load amps × volts × 6} other {hp × locked-rotor kVA of its letter: {letter} (NEC Table 430.7(B))}}',
    startOfAmps: 'Start: amps × volts × 6, until measured: {current} A',
    startOfLockedRotor: 'Start: locked-rotor amps × volts: {current} A',
    average:
      'Average: energy a {per, select, day {day} week {week} month {month} other {year}} ÷ {hours} h: {kWh} kWh',
  },
  labelNote: {
    heater:
      'Volts × amps are the most it may draw: its defrost heater’s, and {marginW}, since labels understate it. Its compressor stays at {compressorW}.',
    noHeater: 'It has no defrost heater here: that figure is left out.',
    warmRoom:
      'Its energy was measured in a room of {labelRoomC} with its doors shut; in your room it takes less.',
    averageFollows:
      'On average it cannot draw more than while it runs: the average comes down with the label.',
    electronics: 'A label of electronics states the most they may draw; such things use some {share} of it.',
  },
  /** why a search leaves something out */
  search: {
    both: '{first}; {second}',
    unfilled: 'cannot be recharged as asked: {cause}',
    panelsDoNotSuit: 'cannot be recharged as asked: the panels’ volts do not suit its input',
    noPanelInput: 'cannot be recharged as asked: it has no input for panels',
    runsOut: 'runs out after {afterLongMin} at first{scenario, select, none {} other { in {scenario}}}',
    short: '{shortLongMin} short{scenario, select, none {} other { in {scenario}}}',
    wrongVolts: '{name} needs {volts} V',
    carries:
      'carries {limit} {unit}{part, select, inthisheat {, in this heat} legA {, leg A} legB {, leg B} oneoutlet {, one outlet} directcurrent {, direct current} other {}}, {needed} {unit} run together',
    starts: 'starts {limitW}, {name, select, none {a start} other {{name}}} asks {neededW}',
    overBudget: '{over} over the budget',
    heavy: 'a piece weighs {pieceKg}',
    gas: 'flooded batteries gas indoors',
    noPrice: 'its price is not known',
    modifiedSine: 'a modified sine wave harms motors and medical devices',
    wired: 'has to be wired: fuses, cables, lugs',
    noSwitchOver: 'does not switch over by itself',
    slowSwitchOver: 'switches over within {switchesMs}',
    no240V: 'gives no 240 V',
  },
  made: {
    repair: 'Sent back whole; out of warranty usually replaced.',
    warranty: '{years, select, none {As its maker says.} other {{years} years on the whole.}}',
    skill: 'Anyone: plug in. An inlet or transfer switch belongs to a licensed electrician.',
  },
  built: {
    repair: 'Any part can be replaced alone; a fuse or an inverter within the hour.',
    warranty: 'Each part has its own; nobody answers for the whole.',
    skill:
      'Someone qualified in direct current: fuses, cable sizes, torque.{wires240, select, yes { Fixed wiring belongs to a licensed electrician.} other {}}',
  },
  fitting: {
    charger: 'charger, {amps}',
    controller: 'charge controller for the panels',
    'battery-cable': '{count} × battery cable {size}, {lengthM}',
    lugs: '{count} lugs',
    'battery-fuse': 'battery fuse, {amps}',
    disconnect: 'battery disconnect',
    busbars: '{count} busbars',
  },
  car: {
    systemGives: 'The car’s 12 V system gives {systemW}',
    needsStepUp:
      'A car’s 12 V cannot charge {source} of {bankVolts}: it needs a step-up (DC to DC) charger between them',
    noInput: '{source} has no 12 V input',
    stepUpPasses: 'The step-up charger passes {limitW}',
    inputTakes: '{source} takes {limitW} at its 12 V input, whatever the car gives',
    noFuel: 'The car has no fuel',
    downToFloor: 'The car’s battery is already down to what it keeps for driving',
  },
  generator: {
    noFuel: 'The generator has no fuel in hand',
    quietHours: 'All its planned hours are hours in which the generator must not run',
  },
}
