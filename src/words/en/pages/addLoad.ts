/** Page Loads: what opens when asked for. */

export const addLoadDialog = {
  newLoad: 'New load',
  runningAverageHere: '{group} · {watts} running, {watts2} average · {tierwords} here',
  somethingElse: 'Something else',
  nameAndWattsAreYoursTo: 'name and watts are yours to give',
  addALoad: 'Add a load',
  whatIsIt: 'What is it?',
  refrigeratorPumpRouter: 'Refrigerator, pump, router…',
  aHouseholdHasLoadsAtMost: 'A household has {loads} loads at most. Remove one first.',
  added: 'Added: {added}.',
  addSeveral: 'Add several',
  done: 'Done',
}

export const dayTrace = {
  aTypicalDay: 'A typical day',
  filledAllOtherCarriedLoadsOn: '{name} filled, all other carried loads on top of it, dashed.',
  wattsThroughTheFirstDayAnd: 'Watts through the first day: {name}, and the other carried loads on top',
}

export const loadSheet = {
  theSelectedLoad: 'The selected load',
  close: 'Close',
}

export const pastedLines = {
  ofThePastedLinesNotAdded:
    '{nLines} of the pasted lines {nLines, plural, one {is} other {are}} not added yet; the others are.',
  line: 'Line {line}, “{line2}”:',
  aHouseholdHasLoadsAtMost: 'A household has {loads} loads at most.',
  leaveThemOut: 'Leave them out',
}
