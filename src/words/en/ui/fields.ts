/** Fields. */

export const windowFields = {
  lowestVolts: 'Lowest volts',
  highestVolts: 'Highest volts',
  belowItsHighestV: 'Below its highest {number} V.',
  aboveItsLowestV: 'Above its lowest {number} V.',
  ampsItTakes: 'Amps it takes',
  wattsItTakes: 'Watts it takes',
}

export const clockInput = {
  pickATime: 'Pick a time',
}

export const dateField = {
  pickADay: 'Pick a day',
}

export const evidenceMark = {
  aTypicalValue: 'a typical value',
  readOffTheLabel: 'read off the label',
  seenInATestRun: 'seen in a test run',
  evidence: 'Evidence: {words}',
  measured: 'measured',
}

export const more = {
  more: 'More',
}

export const quantityField = {
  notSaid: 'not said',
}

export const textField = {
  aNameIsNeeded: 'A name is needed.',
  thatIsCharactersAtMost: 'That is {localeString} characters; {maxLength} at most.',
}

export const typedInput = {
  nothing: 'Nothing',
  countsUntilThenEscapeBringsIt: ' {counts} counts until then; Escape brings it back.',
  typedAsDoesNotGoWith: '“{other}” typed as {other2} does not go with this: {reason}',
}

export const windowsField = {
  onDay: '{short}, {day}: {label}',
  monday: 'Monday',
  tuesday: 'Tuesday',
  wednesday: 'Wednesday',
  thursday: 'Thursday',
  friday: 'Friday',
  saturday: 'Saturday',
  sunday: 'Sunday',
  mo: 'Mo',
  tu: 'Tu',
  we: 'We',
  th: 'Th',
  fr: 'Fr',
  sa: 'Sa',
  su: 'Su',
  from: '{label} {i}: from',
  until: '{label} {i}: until',
  remove: 'remove',
  remove2: 'Remove {label} {i}',
  addHours: 'add hours',
  days: '{label}: days',
}

export const wireField = {
  notBoughtYet: 'not bought yet',
}

export const findingMarks = {
  whatCanHurtHere: 'What can hurt here',
}
