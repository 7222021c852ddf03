/**
 * What can hurt or be lost, in ICU messages: a title, what can happen, what to do. The guidance is the usual one: CPSC on
 * generators and alarms, FDA and USDA on food, the NEC and local code on wiring. Values come written out with their units;
 * "none" stands for what is not known.
 */
export const hazards = {
  who: {
    you: 'You can do this yourself.',
    electrician: 'Work for a licensed electrician, to local code.',
    supplier: 'Ask the device’s supplier or the doctor: their emergency plan comes before this one.',
  },
  severity: { danger: 'danger', serious: 'serious', note: 'worth a look' },
  'carbon-monoxide': {
    title:
      '{from, select, car {Running car} other {Generator}}: carbon monoxide{where, select, garage { in the garage} carport { in a carport} porch { under a roof} other {}}{whileAsleep, select, yes {, while you sleep} other {}}.',
    happens:
      'Exhaust kills within minutes and has no smell.{whileAsleep, select, yes { Planned to run while people sleep: nobody would notice.} other {}}{where, select, garage { A garage fills even with its door open, and leaks into the house.} carport { Under a carport’s roof it gathers, and comes in by the door and the windows beside it.} porch { Under a porch roof it drifts in through doors and vents.} other {}}',
    act: '{from, select, car {Run the engine out of doors only, never in a garage, tail pipe away from doors and windows; keep the snow off it.} other {Out of doors only, at least {leastAwayM} from doors, windows and vents, exhaust pointing away.{awayM, select, none { Say where it will stand.} other { It is planned at {awayM}.}}}} {alarms, select, none {Carbon monoxide alarms with a battery on every floor and near beds; say how many there are.} 0 {There is no carbon monoxide alarm: put one with a battery on every floor and near beds before it runs.} other {Try the carbon monoxide alarms before it runs.}} Headache or dizziness: everybody out, then call for help.',
  },
  'back-feed': {
    title: '{names}: hard-wired, and no inlet or transfer switch named.',
    happens:
      'Power fed into house wires by hand goes out into the street: it can kill a line worker, and burns your source when the grid returns.',
    act: 'Have an inlet with a transfer switch or an interlock fitted, or a plug and outlet at the appliance. Never a cord with two plugs. Until then count on doing without.',
  },
  'floating-neutral': {
    title: '{name}: its control board may not fire on {source}.',
    happens:
      'Boards that sense the flame look for a neutral tied to ground. {isSaid, select, yes {{source} lets its neutral float} other {Most power stations and small inverters let it float; whether {source} does is not said}}: the burner tries, locks out, and the house goes cold.',
    act: 'Try it before you need it, a full heating cycle on this source. If it locks out, ask the electrician who fits the inlet about the neutral, and the maker of the source whether a bonding plug is allowed. Never tie neutral to ground inside the appliance.',
  },
  'double-bond': {
    title: 'Generator and panel both tie neutral to ground.',
    happens:
      'With {transfer, select, interlock {an interlock} other {a transfer switch that leaves the neutral joined}} current runs in the ground wire and the generator’s ground-fault outlets trip.',
    act: 'Have it checked: either a switch that also switches the neutral, or a generator with a floating neutral.',
  },
  'overloaded-cord': {
    title:
      '{cord}: {why, select, amps {{amps} on a cord for {ratedA}} drop {loses {dropFraction} on the way} other {the start loses {dropFraction}}}.',
    happens:
      '{why, select, amps {{limitedBy, select, coil {Coiled, it cannot shed its heat: it melts from the inside.} strip {A power strip is made for less: its contacts burn.} other {It gets hot enough to burn, most of all under a rug or in its plugs.}}} drop {{names} {n, plural, one {gets} other {get}} too few volts: motors run hot, electronics go out.} other {At the start {amps} flow through {lengthM} of {wire}: the motor may hum, stall and burn.}}',
    act: '{least, select, none {No cord does it over {lengthM}: move the source nearer, or part the loads.} other {{limitedBy, select, coil {Unroll it whole, or take} other {Take}} {least} for {lengthM}, move the source nearer, or give each load its own cord.}} With a ground pin, and for outdoors where it lies outside.',
  },
  'hot-cord': {
    title:
      '{name}: {drawsW} {on, select, strip {on the power strip {cord}} reel {on {cord}, which stays wound} other {for hours on {cord}}}.',
    happens:
      '{on, select, strip {A strip’s contacts are made for less over time: they loosen, glow and burn, and no fuse acts.} reel {Wound up it cannot shed its heat: it melts from the inside.} other {{amps} for hours are more than four fifths of the {ratedA} it carries: its plugs get hot.}}',
    act: '{on, select, reel {Unroll it whole, or plug it straight into the source.} strip {Plug it straight into the source or into one thick cord, alone.} other {A thicker or shorter cord, or straight into the source.}} Better: do without heat on a battery.',
  },
  'cord-to-find': {
    title: '{name}: {least, select, none {no single cord will do} other {a cord of {least}}}.',
    happens: 'It draws {amps}. How it reaches the source is not said yet; counted with {lengthM}.',
    act: '{least, select, none {Over that length no cord carries it: move the source nearer.} other {At least {least} for {lengthM}, with a ground pin. Say what you have, or that it goes straight into the source.}}',
  },
  'unfused-battery': {
    title:
      '{source}: {trouble, select, none {no fuse} tooSmall {its fuse of {saidA} is too small} tooLarge {its fuse of {saidA} is more than the cable can take} interrupts {its fuse may not interrupt a short} far {the fuse is far from the battery} other {the fuse is not said}}.',
    happens:
      '{trouble, select, tooSmall {At full load {amps} flow: it blows in the middle of the night.} interrupts {A short draws {shortCircuitA}; a fuse that cannot interrupt that goes on burning.} far {What lies before the fuse is protected by nothing.} other {A short draws {shortCircuitA} through the cable: it glows and sets fire before anybody is there.}}',
    act: '{leastFuseA, select, none {No single fuse is sold for that: more volts make fewer amps.} other {A fuse of {leastFuseA} for direct current at the battery’s volts, within 18 cm (7 in) of the plus terminal, able to interrupt {shortCircuitA}.}} {hasDisconnect, select, yes {} other {A disconnect that can be reached, too.}}',
  },
  'unfused-strings': {
    title:
      '{source}: {strings} strings in parallel{isSaid, select, yes { without a fuse each} other {, whether each has a fuse is not said}}.',
    happens:
      'When one battery fails inside, all the others drive {shortCircuitA} into it, and the main fuse does not see it: it boils, bursts or burns.',
    act: 'A fuse of its own for every string, at its plus terminal, sized for that string. More volts and fewer strings need fewer fuses.',
  },
  'mixed-batteries': {
    title:
      '{source}: batteries of {differ, select, kind {different kinds} size {different sizes} other {different age}} together.',
    happens:
      '{differ, select, kind {Each kind wants other volts to charge: one is overcharged, gasses or burns, while the other stays half full.} size {The smaller ones are emptied and overcharged first, and fail first.} other {Bought {months} months apart: the older ones are emptied and overcharged first and take the new ones with them.}}',
    act: 'One kind, one size, bought together in every bank. Others make a bank of their own, with their own charger.',
  },
  'thin-cable': {
    title:
      '{source}: {trouble, select, thin {{wire} is too thin for {amps}} fuse {{wire} is thinner than its fuse allows} drop {its cable loses {dropFraction}} other {how thick its cable is, is not said}}.',
    happens:
      '{trouble, select, drop {The inverter sees too few volts, and gives up early.} other {At full load and low battery {amps} flow. A thin cable burns, and the fuse does not see it.}}',
    act: '{least, select, none {Even two cables beside each other will not do over {lengthM}: more battery volts, a shorter way, or what an electrician lays out.} other {{isDouble, select, yes {Two of {least} beside each other, plus and minus,} other {At least {least}}}{isInFreeAir, select, yes { in free air, not in a pipe or a bundle,} other {}} for {lengthM} each way, both ways of the same size, lugs pressed rather than soldered, every string’s leads of equal length.}}',
  },
  hydrogen: {
    title:
      '{source}: {chemistry, select, flooded {flooded batteries give off hydrogen} other {sealed lead-acid can give off hydrogen}} indoors.',
    happens:
      'While they charge the gas gathers under the ceiling; a spark is enough. {chemistry, select, flooded {Acid spills, too.} other {}}',
    act: 'Outside the rooms you live in, {m3PerH} of air: two openings to outdoors, low and high, of {openingCm2} each{saidCm2, select, none {} other { (there are {saidCm2})}}. No sparks, eye protection, water at hand.',
  },
  'charged-in-frost': {
    title: '{source}: charged below freezing.',
    happens:
      'It gets {coldestC} where it stands. Lithium charged in frost is damaged for good, without a sign; most refuse to charge at all.',
    act: 'Let it stand where it stays above freezing, or use one that heats itself.',
  },
  'panel-volts': {
    title: '{array}: {coldV} in the cold, on an input for {limitV}.',
    happens:
      'At {recordC} a clear morning puts more on the input than it can take: it is destroyed at once, warranty and all.',
    act: 'Fewer panels in series, more strings in parallel.',
  },
  'wrong-voltage': {
    title: '{name} needs {volts} V, which {source} does not give.',
    happens: 'It will not run at all, or is damaged.',
    act: 'Plan to do without it, or find a source with {volts} V. No adapter makes 240 V of 120 V.',
  },
  'start-too-large': {
    title: '{source}: a start asks {neededW}, it gives {limitW}.',
    happens:
      '{name, select, none {A motor} other {{name}}} starts, the source switches off, and everything on it with it.',
    act: 'Start it first and alone, or use a larger inverter, or a soft starter that its maker allows.',
  },
  'modified-sine': {
    title: '{source}: modified sine wave on {names}.',
    happens:
      'Motors run hot and hum, control boards and chargers may fail, medical devices are not made for it.',
    act: 'A pure sine inverter for these; lamps and plain heaters may stay.',
  },
  'one-source': {
    title: '{name}: {isShort, select, yes {one time in ten it ends by {endsMin}} other {one source}}.',
    happens:
      '{isShort, select, yes {That is before the outage is over} other {If {source} fails there is nothing else}}, and whoever needs it may be asleep.',
    act: 'A second source or a charged spare, and an alarm that wakes. Ask what to do without power.',
  },
  'transfer-gap': {
    title:
      '{name}: {gapMs, select, none {goes out until it is plugged over} other {goes out for {gapMs}}} when the power goes.',
    happens:
      '{isMedical, select, yes {It stops, and may not start again by itself.} other {It restarts and can lose data.}}',
    act: '{isMedical, select, yes {Ask how long it may be off; one with its own battery bridges the gap.} other {A small UPS before it, or a source that takes over faster.}}',
  },
  'ups-input': {
    title: '{name} behind a {behind}.',
    happens: 'It takes the wave for a fault, runs from its battery again and again, and ends empty.',
    act: 'Try it; turn its sensitivity down, or leave it out.',
  },
  'what-is-lost': {
    title:
      '{kind, select, refrigerator {{name}: food spoils} freezer {{name}: thaws} room {Below {coldRoomC} indoors} pipes {Pipes can freeze} pit {{name}: the pit runs over} aquarium {{name}: the fish lack air} roots {{name}: roots dry} animals {{name}} medicine {{name}: too warm} other {{name}: no telephone or internet}} {isLikely, select, yes {{kind, select, phone {from} other {by}} {lostMin}} other {one time in ten by {earliestMin}}}.',
    happens:
      '{powerEndsMin, select, none {{name} has no power from the first minute.} other {The power of {name} ends {powerEndsMin}, most likely; one time in ten this comes by {earliestMin}.}} {basis, select, guess {The hours after that are a guess: say how fast the house cools, or how long each thing lasts without power.} published {Hours after that as food authorities give them, doors kept closed.} other {}}',
    act: '{kind, select, refrigerator {Keep it closed. Above 4 °C (40 °F) for two hours: throw it out, whatever it smells like.} freezer {Keep it closed and full; what still holds ice can be frozen again.} room {One warm room, curtains shut, water in bottles. Never a camp stove or grill indoors.} pipes {Shut the water off and drain the pipes before you leave, or let taps drip; know where the valve is.} pit {Set an alarm before that hour; a second pump, a bucket, things off the floor.} aquarium {A battery air pump, or scoop water by hand; do not feed.} medicine {A cold box with a thermometer; ask how warm each medicine may get.} phone {A mobile phone kept charged, and who to call on paper.} other {Plan what can be done by hand.}}',
  },
  'pit-unknown': {
    title: '{name}: when the pit runs over is not known.',
    happens:
      'Nothing is said of the pit: how large it is, how far below its rim the pump starts, how fast it fills.',
    act: 'On a wet day switch the pump off for some minutes and watch the water rise. Two figures and a ruler are enough.',
  },
  water: {
    title: '{name}: water near {source}.',
    happens:
      'If the cellar floods, plugs and battery may stand in it. {aboveFloorM, select, none {How high it stands is not said.} other {It stands {aboveFloorM} above the floor.}}',
    act: 'Source and plugs at least {dryAboveM} above the floor, on an outlet with ground-fault protection{isProtected, select, yes {} other {, which is not said yet}}. Never step into a flooded cellar while anything is plugged in.',
  },
  heat: {
    title: '{source}: {why, select, sun {in the sun} shut {shut in} other {hot hours}}.',
    happens:
      '{why, select, shut {Its fan moves the same hot air: it switches off, or worse.} other {Warm, it gives less and ages faster; at the hottest hour of {hottestC} about {givesFraction} of its watts.}}',
    act: 'In shade, a hand’s breadth free on every side, not in a closed cupboard or under blankets.',
  },
  'cord-route': {
    title:
      '{cord}: {route, select, doorway {through a door or window} wet {lies in the wet} other {hidden under a carpet or behind furniture}}.',
    happens:
      '{route, select, doorway {A door crushes it, and somebody trips on the way out.} wet {Plugs that lie in water or snow can kill.} other {It cannot shed its heat, and damage is not seen until it burns.}}',
    act: '{route, select, doorway {Lead it where nothing closes on it; keep the way out free.} wet {Lift plugs off the ground, use a cord for outdoors on an outlet with ground-fault protection.} other {Lay it in the open along a wall.}}',
  },
  'daisy-chain': {
    title: '{cord} is plugged into {into}.',
    happens:
      'All that is plugged into both goes through the first one’s contacts: power strips plugged into each other are a usual cause of fires.',
    act: 'Each strip straight into the source or into one cord that is thick enough.',
  },
  unattended: {
    title:
      '{from, select, car {The car} other {The generator}} runs {asleep, select, yes {while people sleep} other {while nobody is at home}}.',
    happens: 'Nobody is there when it falls over, floods, or its exhaust turns with the wind.',
    act: 'Move its hours into the day, when somebody is awake and near.',
  },
  'smoke-alarms': {
    title:
      '{count, select, none {Smoke alarms: are there any with a battery?} other {No smoke alarm with a battery.}}',
    happens:
      'In an outage people use cords, candles and batteries they do not use otherwise, and wired alarms may be out.',
    act: 'One with a battery on every floor and near beds; press its button today.',
  },
  'grid-return': {
    title: 'When the grid comes back.',
    happens:
      '{nSensitive, plural, =0 {} other {The first minute can bring a surge: {sensitive}. }}{nCompressors, plural, =0 {} other {{compressors} start together and pull the volts down.}}',
    act: '{nSensitive, plural, =0 {} other {Unplug what is sensitive, or a surge protector before it. }}{nCompressors, plural, =0 {} other {Wait five minutes, then one after another.}}',
  },
  'direct-current': {
    title:
      '{name}: {why, select, drop {its lead loses {dropFraction}} other {plug and polarity are not named}}.',
    happens:
      '{why, select, drop {{arrivesV} arrive: it restarts when it is busy, and sooner when the battery is low.} other {A plug that fits may still have plus and minus the other way round, or other volts: the device is gone at once.}}',
    act: '{why, select, drop {A thicker or shorter lead, or a converter near the device.} other {Read volts, plug and polarity on the device’s own supply, measure the lead before it is plugged in, fuse it near the battery; then say here which plug it is.}}',
  },
  'charger-budget': {
    title:
      '{source}: {hours, select, none {its charger cannot fill it while it feeds} other {its charger takes {hours} h to fill it while it feeds}} {names}.',
    happens:
      'The charger gives {chargerW}, of which direct current takes {meanW} all day; {hours, select, none {nothing is left: the battery empties although it is plugged in} other {{leftW} are left for the battery}}.',
    act: 'A larger charger, or these loads on household current while it charges. Never more amps than the battery’s maker allows.',
  },
  'car-socket': {
    title:
      'Car: {askedW} are planned {way, select, inverter {from an inverter that is plugged in} other {at its 12 V socket}}, which bears {socketW}.',
    happens:
      'That is {askedA} through a socket and a fuse for {socketA}: the plug melts, or the fuse blows and nothing charges.',
    act: 'Take no more than {socketW}, or say on this page what the socket and its fuse bear: the car’s manual has it. More is taken at the battery itself, with clamps, thick cables and a fuse.',
  },
  'car-system': {
    title:
      'Car: {askedW} are planned{systemW, select, none {, what its 12 V system gives is not said} other {, its 12 V system gives {systemW}}}.',
    happens:
      'What the alternator, or the converter of a hybrid or electric car, cannot give comes out of the car’s own battery, engine running: the car may not start again, a converter switches off.',
    act: '{givesW, select, none {Look it up in the car’s manual: an alternator can give about a third of its rating for hours at idle; say it on this page.} other {Take no more than {givesW}; counted is no more.}} Fuse the cables at the battery.',
  },
  fuel: {
    title:
      '{isIndoors, select, yes {Fuel kept inside the house} other {Fuel: {litresL}{nRefills, plural, =0 {} other {, refilled while it runs}}}}.',
    happens:
      'Petrol vapour finds a flame along the floor.{nRefills, plural, =0 {} other { Spilled on a hot engine it burns at once.}}{ageMonths, select, none {} other { Fuel of {ageMonths} months may not start it.}}',
    act: 'In approved cans, outside the house and away from any flame; up to about {mostFuelL} is usually allowed, local code decides. Stop it and let it cool a quarter hour before refuelling. Use it up and renew it every six months.',
  },
  lifting: {
    title: '{source} weighs {weightKg}.',
    happens:
      'More than one person should lift{hasStairs, select, yes {, and there are stairs} other {}}: backs and toes.',
    act: 'Two people, or a cart; let it stand where it will be used.',
  },
} as const
