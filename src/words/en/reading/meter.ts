/** What is wrong with a meter’s lines and with what was written down from one. */
export const meter = {
  meter: {
    noMoment: '“{said}” is no date and time; 2027-02-05 18:00 would be',
    noNumber: '“{said}” is no number; {example} would be',
    belowZero: 'a meter does not count below zero',
    tooMuch: '{said} is more than a house draws',
    sameTime: 'has the same time as the line before it',
    earlier: 'is earlier than the line before it',
    later: 'is later than the line before it',
    tooFew: 'Fewer than two lines could be read. Check which columns hold the time and the value.',
    twoReadings: 'Two readings at least: one at the start, one later.',
    noTotal: 'The meter’s total in kWh, such as 1.34.',
    lowerTotal: 'The total is lower than before. Was the meter reset? Begin anew from there.',
    noPeak: 'The peak in watts, such as 754, or nothing. {why}',
  },
} as const
