/** What is asked about a label, and what cannot stand on one. */
export const plate = {
  plate: {
    hint: 'Write what the label says with its units, such as “120 V 6.5 A”, “1/3 hp” or “412 kWh/year”.',
    oddVolts: '{volts} V is not a voltage of a household label. 120 V or 230 V would be.',
    overMainFuse: '{current} A is more than a house’s main fuse.',
    drawsNothing: 'Nothing draws 0 {unit}.',
    tooMuchAtStart: '{what} at the start is more than a household’s motor takes.',
    amps: '{current} A',
    watts: '{startW}',
    tooManyWatts: '{drawnW} is more than a household’s load can be.',
    tooManyHp: '{hp} hp is more than a household’s motor can be.',
    tooMuchAYear: 'That is more energy a year than ten houses use.',
    moreThanAHouse:
      '{figure} kWh a day would be {averageW} around the clock, more than a whole house. Labels give kWh a year.',
    aYear: '{figure} kWh a year, {averageW} on average',
    eachCycle: '{energyWh} each cycle',
    energyNotDraw:
      '{energyWh} is an amount of energy, not what it draws. A label gives watts; energy needs a cycle or a year.',
    ups: 'A UPS’s {ratedW, select, none {watts} other {{ratedW}}} say what it can carry for minutes, not what it stores or draws. It belongs to Power; as a load it draws some 10 W of its own.',
    voltAmps: 'Volt-amps are not watts: {va} VA carry fewer watts, by the power factor.',
    asMotor: 'a motor: {drawnW} (power factor 0.75)',
    asElectronics: 'electronics: {drawnW} (power factor 0.9)',
  },
} as const
