/** What is asked about a load’s line, and what is wrong with it. */
export const line = {
  line: {
    empty:
      'Write a name and what is known, such as: fridge 150W 1/3 on · sump pump 1/2 hp 15s every 6min · lamp 9.5W 18:00-24:00 · kettle 1.2kW 5min at 07:00 · e-bike 160W charge 500Wh',
    tooLong: 'That is too long for one load. Write one line for each.',
    longName: 'The name is longer than 80 letters; a shorter one would be right.',
    nameless:
      'A name is missing, such as “lamp” at the start of the line.{drawnW, select, none {} other { {drawnW} was understood.}}',
    several: '“{said}” may be several things. Which one?',
    thing: '{name}',
    source:
      '“{said}” is a power source, not a load. {ratedW, select, none {} other {Its {ratedW} say what it can carry, not what it draws. }}It belongs to Power; as a load it draws some 10 W of its own.',
    ownDraw: '10 W, its own draw',
    piece: '“{said}”',
    notUnderstood: '{pieces} {countN, plural, one {was} other {were}} not understood and would not count.',
    keepWithout: 'keep it without',
    belowZero: '{said} is below zero. A load draws nothing or more; leave out the minus.',
    drawsNothing: '0 W draws nothing: leave it out, or write what it draws.',
    tooMuch: '{drawnW} is more than a household’s load can be; {mostW} at most.',
    noWatts: 'Watts are missing, such as 600W, 3/4hp, or amps and volts such as 6.5A 120V.',
    watts: '{figure} W',
    twoFigures: '“{said}” are two figures. Which does it run at?',
    twoWays: '“{said}” can be read in two ways: {oneFigure} W or {otherFigure} W.',
    noPowerFactor: 'A power factor lies between 0 and 1; {figure} cannot be one.',
    noCodeLetter: 'There is no code letter {letter}; A to V without I, O and Q are.',
    startBelow: 'The starting watts ({startW}) cannot be below the running watts ({runningW}).',
    averageAbove: 'The average cannot be above the running watts ({runningW}).',
    /** where watts come from */
    atTheShaft: '{hp} hp at the shaft draw about {drawnW}',
    ofVoltsAmps: '{factor} of {volts} V × {current} A',
    ofVoltAmps: '{factor} of {va} VA',
    ofTheHeater: '{va} VA of its label are the most it may draw, its defrost heater',
    coolingOver: '{btu} BTU/h of cooling ÷ {perWattHour}',
    /** amps */
    atHowManyVolts: '{current} A at how many volts? A charger’s amps are those of its small plug.',
    atFiveVolts: '{current} A at 5 V: {drawnW}',
    ampsAt: '{current} A at {volts} V',
    ampsOfTheMains:
      'Amps count at their own voltage: {current} A at {volts} V are {va} VA, about {fromBattery} A from a {batteryVolts} battery, not {current} A.',
    ampsOfLabel: '{current} A at {volts} V, from its label',
    ampsOfDc: '{current} A at {volts} V, a DC device',
    /** heat */
    whichHeat: '{btu} BTU/h is heat moved or burnt, not electricity drawn. Which is it?',
    burnt: 'burnt from gas or oil: only its blower and burner draw, about {drawnW}',
    cooling: 'cooling: about {drawnW} (÷ {perWattHour}, a usual efficiency)',
    electricHeat: 'electric heat: {drawnW}',
    /** energy */
    alreadyARate:
      'Watts are already a rate: {figure} W for an hour are {figure} Wh. There are no watts per hour.',
    whileItRuns: '{figure} W while it runs',
    inThoseMinutes: '{energyFigure} Wh in those {minutesFigure} min: {wattsFigure} W while it runs',
    inEachHour: '{figure} Wh in each hour, on and off: {figure} W on average, all the time',
    inWhatTime: '{energyWh} in what time? Energy says how fast it is used only with a time.',
    aYear: '{energyWh} a year',
    aDay: '{energyWh} a day',
    eachTime: '{energyWh} each time',
    aYearOnAverage: '{energyWh} a year, {averageW} on average',
    aDayOnAverage: '{energyWh} a day, {averageW} on average',
    tooMuchFor:
      '{energyWh} a {per, select, day {day} week {week} other {month}} would be {averageW} around the clock, more than {runningW}. Labels give kWh a year.',
    tooLittleForAYear:
      '{energyWh} a year would be {averageW} on average, next to nothing. A meter gives kWh a day.',
    tooMuchForAYear:
      '{energyWh} a year are {averageW} on average, more than the {runningW} it draws while it runs. One of the two cannot be.',
    /** when it runs */
    dayHas24: 'A day has 24 h; less would be right.',
    weekHas168: 'A week has 168 h; less would be right.',
    noShare: 'The share of time it is on must be between 0 and 100 %, such as 1/3 on or 30 % on.',
    shareOfWhat: '{figure} % of what? A share of the time it is on, or something else.',
    onSoMuch: 'on {figure} % of the time',
    somethingElse: 'something else: leave it out',
    timesADay: 'It can run 1 to 96 times a day.',
    longSession: 'A session takes a day at most.',
    shortCycle: 'A cycle takes half a minute at least.',
    longCycle: 'A cycle takes a day at most.',
    neverOff:
      'It cannot run {onFigure} min every {everyFigure} min: the time on must be shorter than the spacing.',
    noLength: 'It cannot run from {from} to {to}.',
    howLong: 'How long each time?',
    tenMinutes: '10 minutes each time',
    oneHour: '1 hour each time',
    onAllTheTime: 'On all the time? {drawnW} day and night are what was understood of “{name}”.',
    always: 'on all the time',
    fiveHours: '5 hours a day',
    byThermostat: 'on and off by a thermostat, a third of the time',
    tenMinutesOnce: '10 minutes, once a day',
    /** what has no place in how it runs */
    onDays: '{days}',
    standby: '{idleW} standby',
    hoursOfACold: 'hours of the clock: a refrigerator is kept off at other hours in Runtime',
    notHowOften: '{exactMin} without how often',
  },
  day: { mon: 'Mon', tue: 'Tue', wed: 'Wed', thu: 'Thu', fri: 'Fri', sat: 'Sat', sun: 'Sun' },
} as const
