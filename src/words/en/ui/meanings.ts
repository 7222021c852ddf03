/** What each term means in one sentence, and an example. */
export const meanings = {
  aCAndDC: {
    meaning: 'AC is what comes out of a wall outlet; DC is what a battery, a car or a solar panel gives.',
    example: 'A router’s plug-in adapter turns 120 V AC into 12 V DC.',
  },
  ampHour: {
    meaning: 'How much charge a battery holds; times its volts it gives watt-hours.',
    example: '100 Ah at 12.8 V are 1,280 Wh.',
  },
  averageWatts: {
    meaning: 'What a thing draws over a whole day, its pauses counted.',
    example: 'A refrigerator of 150 W that runs a third of the time draws 50 W on average.',
  },
  batteryFuseAndDisconnect: {
    meaning:
      'A fuse melts before a cable does; a disconnect is the switch that cuts a battery off by hand. Both stand near its plus terminal.',
    example: '108 A at full load ask for a fuse of 150 A and a cable that can take as much.',
  },
  capacity: {
    meaning: 'The energy a full battery holds, by its label; a part of it never reaches the outlets.',
    example: 'A “2 kWh” station gives about 1.7 kWh at its outlets.',
  },
  chargeController: {
    meaning: 'The box between solar panels and battery that finds the volts at which the panels give most.',
    example: 'One for 12 to 60 V takes two panels of 20 V in a row, not four.',
  },
  clipping: {
    meaning: 'Sun that is there but not taken, because the input or the battery is at its limit.',
    example: '400 W of panels on an input of 300 W lose the top at noon.',
  },
  confidence: {
    meaning: 'How sure you want to be: at 90 % the answer is right in nine of ten outages like this one.',
    example: 'More confidence gives an earlier hour for the same battery.',
  },
  criticalFlexibleOptionalNotOnBattery: {
    meaning:
      'How much a load matters: critical must run, flexible may be paused or take turns, optional goes first, the rest stays off the battery.',
    example: 'A freezer is flexible for half a day: it stays cold by itself.',
  },
  depthOfDischarge: {
    meaning: 'How far a battery is emptied; deep emptying wears it, lead-acid most of all.',
    example: 'To half for a lead-acid battery, nearly to empty for lithium iron phosphate.',
  },
  dutyCycle: {
    meaning: 'The share of time a thing with a thermostat or a float really runs.',
    example: 'A compressor that runs 20 minutes of every hour has 33 %.',
  },
  groundFaultProtection: {
    meaning: 'An outlet that switches off within a blink when current leaks, through water or a person.',
    example: 'For pumps in cellars and everything out of doors.',
  },
  idleDraw: {
    meaning: 'What an inverter uses merely for being on, whether anything is plugged in or not.',
    example: '15 W over a day are 360 Wh, more than a router needs.',
  },
  inletTransferSwitchInterlock: {
    meaning:
      'An inlet is a plug on the house’s wall for a cord from outside; a switch or an interlock sees to it that wires are fed from the street or from you, never both.',
    example: 'A furnace on fixed wires needs one, fitted by a licensed electrician.',
  },
  inverter: {
    meaning: 'Turns the DC of a battery into the AC of an outlet; its watts are the most it can carry.',
    example: 'A 1,000 W inverter carries a refrigerator, not a space heater.',
  },
  keepsWarmFor: {
    meaning:
      'The hours in which a house without heating loses about two thirds of its warmth to the outside.',
    example: '20 to 60 h: a light house cools in a day, a heavy one in two or three.',
  },
  likelyRange: {
    meaning:
      'Of a hundred outages like this one, eighty end within it; ten are over sooner, ten last longer.',
    example: '16 to 23 h: most likely 19 h, but plan for 16.',
  },
  lowVoltageCutOff: {
    meaning: 'The battery volts at which an inverter switches itself off.',
    example: '10.5 V on a 12 V battery; under a heavy load it comes sooner.',
  },
  nameplate: {
    meaning: 'The plate or sticker on a thing with its volts, amps and watts; often the most it ever draws.',
    example: '“120 V 6.5 A” is at most 780 W.',
  },
  neutralBondedOrFloating: {
    meaning: 'The second wire of an outlet; bonded is tied to ground, floating is tied to nothing.',
    example: 'Some furnace boards do not light the burner on a floating neutral.',
  },
  passThrough: {
    meaning:
      'While the power station is plugged into the wall, the wall outlet feeds what is plugged into the station.',
    example: 'With it, a router can stay plugged in all year.',
  },
  peukertExponent: {
    meaning: 'How much less a lead-acid battery gives when it is emptied fast.',
    example: 'A 100 Ah battery emptied in two hours gives about 65 Ah at 1.25.',
  },
  pumpOut: {
    meaning: 'How long a sump pump runs each time its float rises, and how often water makes it rise.',
    example: '20 seconds every 5 minutes in a storm.',
  },
  reserve: {
    meaning: 'What you want left in the battery at the end, for what nobody thought of.',
    example: '10 % of 2 kWh keeps a telephone charged for weeks.',
  },
  runningWatts: {
    meaning: 'What a thing draws while it works.',
    example: 'A refrigerator’s compressor: 100 to 200 W.',
  },
  splitPhase: {
    meaning: 'A North American panel has two legs of 120 V; between them stand 240 V.',
    example: 'A well pump of 240 V needs a source with both legs.',
  },
  startingSurge: {
    meaning: 'What a motor draws for a moment as it starts, several times its running watts.',
    example: 'A sump pump of 500 W may take 1,500 W for half a second.',
  },
  stateOfCharge: {
    meaning: 'How full the battery is, in percent.',
    example: '100 % full, 0 % where it switches off.',
  },
  stringsInParallel: {
    meaning:
      'S counts batteries in series, plus to minus, which adds volts; P counts such strings side by side, which adds amp-hours.',
    example: 'Three 12 V batteries side by side, 1S3P, stay at 12 V and hold three times as much.',
  },
  transferTime: {
    meaning: 'The gap until the battery takes over when the power goes.',
    example: '20 ms go unnoticed by most computers; 100 ms may restart them.',
  },
  uPS: {
    meaning: 'Switches over automatically: what is plugged into it does not notice that the power went.',
    example: 'For a router or a breathing aid, which must not stop at night.',
  },
  vocVmpIscImp: {
    meaning:
      'A solar panel’s volts with nothing connected and at work, its amps shorted and at work; cold raises the volts.',
    example: 'Voc 22 V may be 25 V on a frosty morning: the input must stand it.',
  },
  wattHour: {
    meaning: 'Energy: watts times hours. A thousand make a kilowatt-hour (kWh).',
    example: 'A 10 W router takes 240 Wh in a day.',
  },
  wireSize: {
    meaning: 'How thick the copper is: more mm², or a smaller AWG number, carries more and loses less.',
    example: '12 AWG (3.3 mm²) carries 25 A as a cord, 16 AWG (1.3 mm²) 13 A.',
  },
}
