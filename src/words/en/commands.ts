/** What the commands print for those who read it; their JSON has no words but the answer. */

export const commandLine = {
  helpListsTheOptions: '{trouble} {command} lists the options',
  noSuchFile: '{path}: no such file can be read',
  notJson: '{path}: is not valid JSON ({reason})',
  atIsNotATime: '--at: {trouble}',
}

export const simulateCommand = {
  onePlanIsWanted: 'one plan document is wanted: {command}',
  mustBeAWholeNumber: '--{name}: “{text}” must be a whole number from {low} to {high}',
  isPastWhatIsLookedAt: '--at: {text} is past the {hours} h that are looked at',
  asksAndGets: '{name} asks {asked}, gets {got}',
  leftOut:
    '{name} {why, select, off {off} refused {refused} tier {not carried in this plan} voltage {needs another voltage} other {its source is away}}',
  comesIn: 'comes in: sun {sun}, 12 V {dc}, AC {ac}; fuel {fuelL} L',
  chargeAt: '{clock}: {source} at {likely} ({low} to {high})',
}

export const hazardsCommand = {
  onePlanIsWanted: 'one plan document is wanted: {command}',
  answered: 'Answered: {answer}',
  seen: 'seen',
  nobodySaidYet: 'Nobody said yet:',
  whatIsLost: 'What is lost, and when:',
}

export const runCommand = {
  aPlanAndASheetAreWanted: 'a plan document and a sheet of readings are wanted: {command}',
  name: 'Run',
  nothingInIt: '{path}: there is nothing in it',
  noColumnOfTimes:
    '{path}: no column of times; name one hours, clock or local_time in the first line (docs/runs.md lists all)',
  lineIsLeftOut: 'line {line} is left out: {trouble}',
  noLineCouldBeRead: 'no line could be read',
  notInSight: 'not in sight',
  now: 'now, {clock}: {likely} ({low} to {high}), from {readings, plural, one {one reading} other {# readings}}',
  planned: 'planned: empty {clock}',
  straight: 'straight line through the readings: empty {clock}',
  byWatts: 'if {watts} went on: empty {clock}',
  chanceToLast: 'chance to last to {clock}: {chance}',
}

export const readCommand = {
  mainsMustBe: '--mains: “{mains}” must be 120 or 230',
  roomMustBe: '--room: “{room}” must be a temperature from -30 to 60 °C',
}
