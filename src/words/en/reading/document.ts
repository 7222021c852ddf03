/** What is wrong with a file, a document or what was sent, behind the place it stands at. */
export const document = {
  document: {
    unknownField: 'no such field is known; remove it or check its spelling',
    unknownKind:
      'has no known kind; "constant", "scheduled", "session", "cycling", "pump" and "charging" are known',
    needsQuantity:
      'needs a value with its unit, spread and evidence, such as \'{\' "value": 150, "unit": "W", "spread": \'{\' "times": 1.5 \'}\', "evidence": "label" \'}\'',
    missing:
      'is missing; {type, select, array {a list} object {an object} string {a text} int {a whole number} other {a {type}}} is needed',
    mustBeA:
      'must be {type, select, array {a list} object {an object} string {a text} int {a whole number} other {a {type}}}',
    mustBe: 'must be {choices}',
    empty: 'must not be empty',
    letters: 'must be {isLeast, select, yes {at least} other {at most}} {boundFigure} characters long',
    entries: 'must hold {isLeast, select, yes {at least} other {at most}} {boundFigure} entries',
    bound: 'must be {isLeast, select, yes {at least} other {at most}} {boundFigure}',
    /** of the whole */
    oneObject: 'must be one JSON object',
    noVersion: 'must be a whole number, {current} in this release',
    newer: 'is {version}, made by a newer release; this one reads up to {current}',
    otherFields: 'says version {version} but does not have that version’s fields',
    isAPlan: 'is a plan, one outage and one power system; a file of the whole household is wanted',
    isARun: 'is a run; read it on the page Test run, under “Runs so far”',
    noHousehold: 'is not JSON; a household saved by Yotrope would be right',
    noRun: 'is not JSON; a run saved by Yotrope would be right',
    tooManyRuns: 'are {runs}; {most} at most',
    halfACharacter: 'holds half a character; type it again',
    halfAName: 'has a field whose name holds half a character',
    /** names that point nowhere, or twice */
    usedTwice: '“{id}” is used twice; every id must be its own',
    thereTwice: '“{id}” is there twice; once is enough',
    noScenario: 'names no outage of this household',
    noPowerSystem: 'names no power system of this household',
    noSource: 'names no source of this power system',
    noSourceAmong: 'names no source; {choices} would be right',
    noCord: 'names no cord of this household',
    allAway: 'all of them are away; at least one must be here',
    takenOver: 'another source already takes over there; only one can',
    sourceCircle: 'takes over from itself in a circle; the first source must follow none',
    cordCircle: 'is plugged into itself in a circle; one cord must go into the source',
    /** figures that cannot hold together */
    surgeBelow: 'surge watts must be at least the continuous watts',
    surgeBelowRated: 'surge watts must be at least the rated watts',
    burnsLessLoaded: 'must be at least what it burns without load',
    windowUpsideDown: 'the lowest volts of the window must be below the highest',
    panelVolts:
      '{powerVolts} at full power is above the open circuit’s {openVolts}; Vmp is about 0.83 of Voc',
    panelAmps: '{powerAmperes} at full power is above the short circuit’s {shortAmperes}',
    batterySwitchesOff:
      'the battery switches itself off at {offVolts}, but a full one stands at {fullVolts}: it would never run; about {usualVolts} is usual',
    cutsOff:
      'cuts off at {offVolts}, but the full bank stands at {fullVolts}: it would never run; about {usualVolts} is usual',
    alarmTooLate: 'the alarm comes below the cut-off at {offVolts}; it must come before',
    otherVolts:
      '{series} × {blockVolts} makes {bankVolts}, and the inverter needs about {inverterV}; {right}',
    seriesRight: '{series} in series would be right',
    noSeries: 'no number of these in series fits it',
    switchesTooOften:
      '“{load}” switches {switchings} times in {exactMin} (“{scenario}”), all loads {all} times; {most} are the most that is computed. {enough, select, none {Longer cycles of the loads} other {Cycles of {enough} min or more}}, or a shorter outage, would be right',
    /** what a text or a part must be */
    shape: {
      clock: 'must be a time of day such as "18:30"',
      clockOrEnd: 'must be a time of day such as "23:00" or "24:00"',
      day: 'must be a day such as "2027-02-05"',
      dateTime: 'must be a date and time such as "2027-02-05T18:00"',
      moment: 'must be a moment in UTC such as "2026-11-27T18:30:00.000Z"',
      id: 'must be letters, digits, “-” and “_” only, 64 at most',
      notBuiltIn: 'is a word the program needs itself; choose another, such as one with “-1” behind it',
      codeLetter: 'must be a code letter from A to V, without I, O and Q',
      currency: 'must be a currency code of three capitals, such as "USD"',
      comesBackAbove: 'must come back above the charge it is dropped at',
      evenHours: 'must have as many hours in every column',
      startOfRun: 'must be the clock the run began at',
      sourceOfRun: 'names no source of the plan',
      other: 'cannot be this; docs/plan.schema.json says what can stand there',
    },
  },
} as const
