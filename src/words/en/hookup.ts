/** The page Hookup, in ICU messages. */
export const hookup = {
  summary: {
    empty: 'Nothing is planned yet that could be looked at.',
    nothing:
      'In what was looked at ({checked}) nothing was found that can hurt.{unsaid, plural, =0 { Look at it again when something changes.} one { One thing that decides it nobody said yet.} other { # things that decide it nobody said yet.}}',
    answered:
      'All that was found in what was looked at ({checked}) is marked as handled.{unsaid, plural, =0 { Look at it again when something changes.} one { One thing that decides it nobody said yet.} other { # things that decide it nobody said yet.}}',
    found:
      '{danger, plural, =0 {} one {As it stands one thing is dangerous. {first}} other {As it stands # things are dangerous, first this: {first}}}{danger, plural, =0 {{serious, plural, =0 {} one {One thing is serious. {first}} other {# things are serious, first this: {first}}}} other {{serious, plural, =0 {} one { One more is serious.} other { # more are serious.}}}}{notes, plural, =0 {} one { One is worth a look.} other { # are worth a look.}}',
    notes:
      '{notes, plural, one {One thing is worth a look} other {# things are worth a look}}, and nothing worse was found in what was looked at ({checked}).{unsaid, plural, =0 {} one { One thing that decides it nobody said yet.} other { # things that decide it nobody said yet.}}',
  },
  checked: {
    'volts and starts': 'volts and starts',
    cords: 'cords',
    batteries: 'batteries, fuses and cables',
    exhaust: 'exhaust',
    'fixed wires': 'fixed wires',
    'medical devices': 'medical devices',
    losses: 'what is lost without power',
  },
  unsaid: {
    connection: '{name}: by which plug or cord?',
    'cord size': '{name}: how thick?',
    plug: '{name}: which plug, which pole inside?',
    stands: '{name}: where does it stand?',
    fuse: '{name}: which fuse?',
    cable: '{name}: which battery cable?',
    'string fuses': '{name}: a fuse for every string?',
    'batteries alike': '{name}: are its batteries alike?',
    'generator place': 'Where does the generator run?',
    'generator distance': 'How far from doors and windows does the generator run?',
    'car place': 'Where does the car run?',
    'carbon monoxide alarms': 'How many carbon monoxide alarms?',
    'smoke alarms': 'How many smoke alarms?',
    pit: '{name}: how large is its pit?',
  },
  note: {
    legs: 'Leg A {a}, leg B {b}, with the largest start.{move, select, none {} other { Even them out: {move} on leg {to}.}}',
    lead: 'At its end {arrivesV} arrive, {dropFraction} less; {lossW} go into the lead{converterW, select, none {} other { and {converterW} into its converter}}, and count as its own. Plug and polarity as its own supply has them.',
    charger:
      'On a wall outlet its charger gives {chargerW}; direct current takes {meanW} of it all day, {peakW} at most. {hours, select, none {Nothing is left to charge with.} other {With the {leftW} left it is full after {hours} h.}}',
    strings:
      'Strings share the load unevenly where plus and minus leave at the same end: the first carries {same} of it, the last {last}. Plus from the first and minus from the last, leads of equal length, and none carries more than {diagonal}.',
    nothingLost:
      '{isReached, select, yes {Nothing is lost: the power lasts longer than until {untilMin}.} other {So that nothing is lost the power has to last until {untilMin}; with the confidence asked for it ends {endsMin}.}}',
  },
  /** what a lever spares of what would be lost */
  spares: {
    line: '{saved, select, none {} other {saves {saved}; }}{first, select, none {nothing is lost any more} other {first loss {first}}}',
    gain: '{later, select, never {nothing lost} other {{later} later}}',
  },
  /** above a wire, and below it */
  wire: {
    many: { above: 'each its own cord', below: '{amps} together' },
    straight: { above: 'straight in', below: '{amps}' },
    cord: { above: '{wire}, {length}', below: '{amps}{drop, select, none {} other {, {drop} lost}}' },
    toFind: { above: 'no cord yet', below: '{amps}, at least {least}' },
    noCord: { above: 'no cord will do', below: '{amps}' },
    fixed: { above: 'fixed wires', below: '{amps}' },
    lead: {
      above: '{wire, select, none {lead} other {{wire}, {length}}}',
      below: '{amps}{drop, select, none {} other {, {drop} lost}}',
    },
    feed: {
      above: '{volts}, {amps}',
      below: '{wire, select, none {} other {{wire}{length, select, none {} other {, {length}}}}}',
    },
    circuit: {
      above: '{wire, select, none {cable not said} other {{wire}, {length}}}',
      below: '{fuse, select, unsaid {fuse not said} none {no fuse} other {fuse {fuse}}}',
    },
    starting: '{running} ({start}) A',
    running: '{running} A',
  },
  outlet: {
    A: 'leg A',
    B: 'leg B',
    both: '240 V',
    ac: '{volts} V',
    dc: '12 V',
  },
  switch: {
    none: 'no inlet',
    'transfer-switch': 'transfer switch',
    interlock: 'interlock',
    'plug-at-appliance': 'plug, outlet',
  },
  part: {
    cord: 'Cord {size}, {length}',
    'battery-cable': 'Battery cable {size}, {length}',
    'car-cable': 'Jumper cables {size}, {length}{amps, select, none {} other {, fuse {amps}}}',
    lugs: 'Lugs{size, select, none {} other { for {size}}}',
    'battery-fuse': 'Battery fuse with holder, {amps}',
    disconnect: 'Battery disconnect',
    busbars: 'Busbar',
    inlet: 'Power inlet, fitted by an electrician',
    'transfer-switch': 'Transfer switch or interlock, fitted by an electrician',
    'monoxide-alarm': 'Carbon monoxide alarm with a battery',
    'smoke-alarm': 'Smoke alarm with a battery',
    cart: 'Cart',
  },
  clock: {
    refrigerator: '{name}: food spoils',
    freezer: '{name}: thaws',
    'cold-room': 'Rooms below {coldRoomC}',
    'frozen-pipes': 'Pipes can freeze',
    'flooded-pit': '{name}: pit runs over',
    aquarium: '{name}: fish lack air',
    roots: '{name}: roots dry',
    animals: '{name}',
    medicine: '{name}: too warm',
    'breathing-aid': '{name} stops',
    phone: '{name}: no telephone',
    basis: '{basis, select, published {published hours} own {your figures} other {a guess}}',
    never: 'not in this outage',
    unknown: 'not known: describe the pit',
    asleep: 'nobody is awake',
    away: 'nobody is at home',
  },
}
