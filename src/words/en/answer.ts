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
  noneListed: '{opening} has nothing to carry: there are no <pickTiers>{tiers}</pickTiers> in this plan.',
  notAtAll:
    '{opening} {trips, select, yes {would carry} other {carries}} the <pickTiers>{tiers}</pickTiers> for <lasts>no time at all</lasts>: {why}. ',
  notAtAllWhy: {
    empty: 'the {source} is empty within a minute',
    cutoff: 'the volts of the {source} fall so far at once that it switches off',
    sleep: 'the {source} switches itself off, since so little is drawn from it',
    cold: 'it is too cold for the {source} where it stands',
    heat: 'it is too hot for the {source} where it stands',
    uncharged: 'the {source} is empty when the outage begins',
  },
  short:
    '{opening} {trips, select, yes {would carry} other {carries}} the <pickTiers>{tiers}</pickTiers> for <lasts>{runtime}</lasts>, likely <likely>{band}</likely>. {end} ',
  reached:
    '{opening} {trips, select, yes {would carry} other {carries}} the <pickTiers>{tiers}</pickTiers> for <lasts>{enough, select, yes {all} other {the}} {outage}</lasts> you planned for, to {until}, {trips, select, yes {<margin>{times}</margin>} other {{enough, select, yes {<isEnough>{times}</isEnough>} other {<isShort>{times}</isShort>}}}}{enough, select, yes {. {end}} other {; you asked for {asked}. {end}}}{isOpen, select, yes { } other {}}',
  everyTime: 'every time',
  chance: 'with {eight, select, yes {an} other {a}} {percent} chance',
  stillCharged: 'It still has charge after {horizon}.',
  stillChargedLikely:
    'With {confidence} confidence it has charge until {sure}; most likely it still has some after {horizon}.',
  tooMuch:
    ' In {percent} of such outages too much runs at once{limit, select, surge { as {name} starts} other { when {name} runs}}, and it would switch off.',
  end: {
    empty: '{it} {first}runs out about <lasts>{at}</lasts>{occasion}{others}.',
    cutoff:
      '{it} {first}switches off on low volts about <lasts>{at}</lasts>{occasion}, with charge left in it{others}.',
    sleep:
      '{it} {first}switches itself off about <lasts>{at}</lasts>{occasion}, since so little is drawn from it{others}.',
    cold: 'From about <lasts>{at}</lasts>{occasion} it is too cold for {source}, with charge left in it{others}.',
    heat: 'From about <lasts>{at}</lasts>{occasion} it is too hot for {source}, with charge left in it{others}.',
    uncharged: '{it} {first}runs out about <lasts>{at}</lasts>{occasion}{others}.',
  },
  it: 'It',
  theSource: 'the {source}',
  theSourceFirst: 'The {source}',
  first: 'first ',
  goesOn: '; {names} {n, plural, one {goes} other {go}} on',
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
    medical:
      '<fault>{name} {isLikely, select, yes {has} other {may have}} no power from about {at}{isLikely, select, yes {} other { (1 in 10)}}</fault>. ',
    away: '<fault>{names} cannot run</fault>: the {hasSource, select, yes {{source}} other {source}} is away. ',
    off: '<fault>{names} must not stop, but {loads, plural, one {is} other {are}} switched off</fault>. ',
    shed: '<fault>{names} must not stop, but a rule keeps it off</fault> for about {lost} of this outage. ',
    paused: '<fault>{names} must not stop, but is paused</fault> for {lost} of this outage. ',
  },
}
