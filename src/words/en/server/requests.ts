/** What the server answers to a request it refuses. */

export const calendarRoute = {
  aCalendarNeedsFromTheFirst:
    'A calendar needs from, the first day such as 2027-01-15, and months between two top-ups, 1 to 12.',
}

export const codesRoute = {
  theHouseholdHasCodesWhichIs: 'The household has {codeslimit} codes, which is the most. Revoke one first.',
}

export const planRoute = {
  thisHouseholdHasNoSuchScenario: 'This household has no such outage or power system.',
}

export const householdRoute = {
  theSaveCouldNotBeRead: 'The save could not be read.',
  notSaved: 'Not saved: {path} {message}.',
  someoneElseSavedThisHouseholdFirst: 'Someone else saved this household first. Nothing was overwritten.',
}

export const entriesRoute = {
  theEntryCouldNotBeRead: 'The entry could not be read.',
  thereIsNoSuchRunHere: 'There is no such run here. It may have been deleted.',
  aRunHoldsEntriesAtMost: 'A run holds {entries} entries at most. Begin another for what follows.',
}

export const runRoute = {
  thereIsNoSuchRunHere: 'There is no such run here. It may have been deleted.',
}

export const runsRoute = {
  theRunCouldNotBeRead: 'The run could not be read.',
  theHouseholdHasRunsWhichIs: 'The household has {runs} runs, which is the most. Delete one first.',
}

export const versionsRoute = {
  thereIsNoSuchEarlierVersion: 'There is no such earlier version.',
  thisVersionCannotBeReadAny: 'This version cannot be read any more.',
}

export const householdsRoute = {
  theHouseholdCouldNotBeMade: 'The household could not be made.',
  notMade: 'Not made: {path} {message}.',
  youHaveHouseholdsWhichIsThe: 'You have {householdslimit} households, which is the most. Delete one first.',
}

export const openRoute = {
  changesAreAcceptedFromThisSites: 'Changes are accepted from this site’s own pages only.',
  aCodeHasTwentyLettersAnd: 'A code has twenty letters and digits, such as 7K2M-09PQ-RS4T-WXYZ-1234.',
  youHaveHouseholdsWhichIsThe: 'You have {householdslimit} households, which is the most. Delete one first.',
  noHouseholdHasThisCodeIt: 'No household has this code. It may have been revoked, or a letter is wrong.',
}

export const placesRoute = {
  aTownsNameHas80Letters: 'A town’s name has 80 letters at most.',
}

export const readyRoute = {
  theDatabaseDoesNotHaveThe: 'The database does not have the schema of this release yet.',
}

export const meterRoute = {
  aMeterStreamNeedsAnAppliance: 'A meter stream needs an appliance, and may have speed, hours and seed.',
  noApplianceIsInTheCatalogue: 'No appliance “{id}” is in the catalogue.',
  meter: 'Meter',
}

export const powerStationRoute = {
  aStationNeedsHouseholdAndRun:
    'A station needs household and run, and may have speed (1 to 7200), since, fromMin, gaugeOff (−0.2 to 0.2) and seed.',
}

export const weatherRoute = {
  aForecastNeedsLatitude90To:
    'A forecast needs latitude (−90 to 90), longitude (−180 to 180), startsAt such as 2027-02-05T18:00, and hours (1 to 384).',
}

export const photoRoute = {
  noId: 'The id of the photo could not be read.',
  tooLarge: 'a photo is made smaller before it is sent',
  noRun: 'There is no such run here. It may have been deleted.',
  full: 'The household has {photos} photos or {megabytes} MB of them, which is the most. Delete an old run first.',
}
