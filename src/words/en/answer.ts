/**
 * The sentence over every page, in ICU messages. A tag marks what opens something or stands out; which is told in
 * `words/answer/answerParts.ts`.
 */
export const answer = {
  opening:
    '{after, select, trips {Otherwise, in} breaks {For the rest: in} other {In}} <pickScenario>{scenario}</pickScenario>, from {from}, the <pickSystem>{system}</pickSystem>',
  notFed: '{opening} feeds none of the <pickTiers>{tiers}</pickTiers>.',
  noneOn:
    '{opening} has nothing to carry: none of the <pickTiers>{tiers}</pickTiers> is switched on and fits it.',
  short:
    '{opening} {trips, select, yes {would carry} other {carries}} the <pickTiers>{tiers}</pickTiers> for <lasts>{runtime}</lasts>, likely <likely>{band}</likely>. It {comesBack, select, yes {first } other {}}runs out about <lasts>{at}</lasts>{occasion}. ',
  reached:
    '{opening} {trips, select, yes {would carry} other {carries}} the <pickTiers>{tiers}</pickTiers> for <lasts>{enough, select, yes {all} other {the}} {outage}</lasts> you planned for, to {until}, {trips, select, yes {<margin>{times}</margin>} other {{enough, select, yes {<isEnough>{times}</isEnough>} other {<isShort>{times}</isShort>}}}}{enough, select, yes {. {runsOut}} other {; you asked for {asked}. {runsOut} }}',
  stillCharged: 'It still has charge after {horizon}.',
  runsOut: 'It runs out about {at}{occasion}.',
  occasion: '{occasion, select, away {, when nobody is home} asleep {, while you are asleep} other {}}',
  margin:
    'With {confidence} confidence it is <isShort>{short} short</isShort> of the <planned>{outage}</planned> you planned for',
  tiers: {
    critical: 'critical loads',
    flexible: 'critical and flexible loads',
    optional: 'loads',
  },
  refill: {
    by: { sun: 'sun', generator: 'generator', car: 'car', grid: 'grid' },
    brings: '{who} {n, plural, one {brings} other {bring}} back',
    notInTime: ' The {brings} <refills>enough over a day</refills>, but not in time.',
    endsWithPlan:
      ' Within the outage the {brings} <refills>enough</refills>; the plan ends there: {last, select, none {the last day’s weather brings less} other {no hours of {lastBy} are planned after {last}}}.',
    one: 'the {name}',
    keepsGoing: ' With the {who} it <goesOn>keeps going</goesOn> {while}.',
    part: '{joined, select, yes {, and the {brings}} other { The {brings}}} <refills>{little, select, yes {next to nothing} other {{hours} h of every 24}}</refills>{ends, select, yes {.} other {, with {confidence} confidence.}}',
    cause: ' <warn>{cause}.</warn>',
  },
  more: '<fault>{n, plural, one {One more thing falls} other {# more things fall}} short.</fault> ',
  break: {
    running:
      '<carries>Too much runs at once</carries>: {needed} against the {limit} of the {source}{part, select, none {} other { ({part})}}{hasLargest, select, yes {, {largest} the largest} other {}}; it would switch off. ',
    start:
      '<starts>{hasName, select, yes {{name}} other {A motor}} may not start</starts>: {needed} at its start against the {limit} of the {source}; it would switch off. ',
    voltage:
      '<carries>{names} cannot run</carries>: {volts} {n, plural, one {is} other {are}} needed, {given, select, none {no volts} other {{given}}} given. ',
    inTurn:
      '<carries>{names} {loads, plural, one {stops} other {stop}} when the {source} takes over</carries>: it gives {given}, not {volts}. ',
    search:
      '<fault>{names} {loads, plural, one {goes} other {go}} out between larger loads</fault>: in search mode the {source} feeds nothing under {below}. ',
    away: '<fault>{names} cannot run</fault>: the {hasSource, select, yes {{source}} other {source}} is away. ',
    off: '<fault>{names} must not stop, but {loads, plural, one {is} other {are}} switched off</fault>. ',
    shed: '<fault>{names} must not stop, but a rule keeps it off</fault> for about {lost} of this outage. ',
    paused: '<fault>{names} must not stop, but is paused</fault> for {lost} of this outage. ',
  },
}
