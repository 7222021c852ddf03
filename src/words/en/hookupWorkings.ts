/** How the figures of Hookup are worked out, in ICU messages: what each is, and its formula. */
export const workings = {
  cord: {
    title: '{name}: what it carries and loses',
    running: {
      label: 'Amps running',
      formula: 'watts ÷ (volts × power factor: 1, of motors about 0.75), of everything on it',
    },
    start: { label: 'Amps at the start', formula: 'the largest start while all the others run' },
    carries: {
      label: 'It may carry',
      formula:
        'the size’s amps as a cord; a third of it in its coil; a power strip no more than its contacts can take',
    },
    lost: {
      label: 'Lost while it runs',
      formula:
        '2 × length × amps × (Ω a metre × cos φ + 0.00018 × sin φ), of each cord on the way; 5 % at most',
    },
    lostStart: { label: 'Lost at the start', formula: 'the same with the amps of the start; 10 % at most' },
    least: {
      label: 'The least that will do',
      formula: 'the thinnest sold that carries it and loses no more',
    },
    note: 'Sizes and amps: NEC table 400.5(A)(1) and chapter 9 table 8, or IEC 60228 and EN 50565-1; see docs/hookup.md. Local code decides.',
  },
  circuit: {
    title: '{name}: cable and fuse of its battery',
    amps: { label: 'Amps at most', formula: 'watts ÷ (efficiency × volts when the inverter gives up)' },
    fuse: { label: 'The least fuse', formula: '1.25 × amps, the next size that is sold' },
    cable: {
      label: 'The least cable',
      formula: 'the thinnest that this fuse protects and that loses 2 % at most, there and back',
    },
    short: {
      label: 'Amps of a short',
      formula: 'volts ÷ (Ω of the battery + Ω of the cable, there and back)',
    },
    air: {
      label: 'Air it needs',
      formula: '0.05 × cells × mA an Ah × Ah ÷ 1000; 28 cm² of each opening for a m³ an hour (IEC 62485-2)',
    },
    charger: {
      label: 'Hours to full while it feeds',
      formula: 'Wh above the reserve × 1.1 ÷ (watts of the charger − watts of direct current)',
    },
    note: 'A licensed electrician sizes and fits it, to local code.',
  },
  lead: {
    title: '{name}: its lead',
    amps: { label: 'Amps', formula: 'watts ÷ (share its converter passes on × volts)' },
    lost: { label: 'Volts lost', formula: '2 × length × amps × Ω a metre' },
    heat: { label: 'Watts lost', formula: 'volts lost × amps, and what the converter keeps' },
  },
  clocks: {
    title: 'What is lost, and when: how it is known',
    formula: {
      refrigerator:
        'end of its power + 4 h closed (FDA, USDA), or by its own measured time constant until 4 °C and 2 h more',
      freezer: 'end of its power + 48 h full, 24 h half full, closed (FDA, USDA), between them by its fill',
      'cold-room': 'a room loses its warmth to the outdoors by Newton’s law of cooling, τ as below',
      'frozen-pipes': 'the same, down to freezing',
      'flooded-pit': 'end of its power + surface × height to the rim ÷ what runs in',
      aquarium: 'end of its power + hours without air, by how many fish there are',
      roots: 'end of its power + the hours you said',
      animals: 'end of its power + the hours you said',
      medicine: 'end of its power + the hours you said',
      'breathing-aid': 'at once',
      phone: 'at once',
    },
    ends: 'power ends, likely',
    bears: 'lasts without it',
    constant: 'time constant τ',
    outdoors: 'outdoors, low and high',
    note: 'Nine runs of ten lie between early and late, with each thing lasting its shortest and its longest.',
  },
  value: {
    loads: 'all on it',
    running: 'amps running',
    start: 'amps at the start',
    wire: 'size',
    length: 'length, one way',
    ohm: 'Ω a metre',
    limit: '{limitedBy, select, coil {in its coil} strip {power strip} other {by its size}}',
    watts: 'watts',
    efficiency: 'efficiency',
    lowest: 'lowest volts',
    amps: 'amps',
    fuse: 'fuse',
    volts: 'volts',
    cells: 'cells of 2 V',
    wh: 'Wh above the reserve',
    charger: 'charger',
    direct: 'direct current, mean',
    passed: 'passed on by its converter',
  },
  unknown: 'not known',
} as const
