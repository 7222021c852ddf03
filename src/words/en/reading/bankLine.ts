/** What is wrong with a line of batteries. */
export const bankLine = {
  bankLine: {
    empty: 'Write the batteries, such as 4 × 12 V 100 Ah AGM, or 2S2P 12.8 V 200 Ah LiFePO4.',
    noBlock: 'Volts and amp-hours are wanted, such as 4 × 12 V 100 Ah AGM, or 2S2P 12.8 V 200 Ah LiFePO4.',
    unequal:
      'Unequal batteries: {volts} V {ah} Ah beside {otherVolts} {otherAh} Ah. The weakest would end the bank and be harmed; use equal ones of one age, or two banks with loads of their own.',
    leastAh: 'A battery has 1 Ah at least; 100 Ah is usual.',
    mostAh: '{ah} Ah is more than any battery has; {most} Ah at most.',
    blockVolts: 'A block has 1 to 100 V; 12 V is usual.',
    arranged: 'At most {series} in series and {parallel} in parallel.',
    none: 'One battery at least.',
    tooMany: '{count} batteries are more than a bank takes.',
    piece: '“{said}”',
    notUnderstood:
      '{pieces} was not understood. Write the batteries, such as 4 × 12 V 100 Ah AGM, or 2S2P 12.8 V 200 Ah LiFePO4.',
  },
} as const
