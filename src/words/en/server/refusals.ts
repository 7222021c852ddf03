/** What the server refuses, and why. */

export const calendar = {
  readyForAnOutage: '{name}: ready for an outage',
}

export const limits = {
  minutes: '{ceil} minutes',
  seconds: '{seconds} seconds',
  tooManyAtOnceTryAgain: 'Too many at once. Try again in {seconds}.',
}

export const photo = {
  thePhotoMustBeAJpeg: 'The photo must be a JPEG.',
  thePhotoSaysMoreThanIts:
    'The photo says more than its picture, such as where it was taken. It must be sent without.',
}

export const request = {
  changesAreAcceptedFromThisSites: 'Changes are accepted from this site’s own pages only.',
  thisBrowserHasNoValidSession: 'This browser has no valid session here. Open the start page to begin one.',
  theRequestMustBeJsonContent: 'The request must be JSON (Content-Type: application/json).',
  aHouseholdHas200LoadsAt: 'a household has 200 loads at most',
  theRequestIsNotValidJson: 'The request is not valid JSON.',
  aTextCannotBeKept: '{path} {trouble}.',
  theRequestIsLargerThanBytes: 'The request is larger than {localeString} bytes; {why}.',
  theRequestDidNotComeTo: 'The request did not come to its end in time.',
}

export const respond = {
  thereIsNoSuchHouseholdHere:
    'There is no such household here. It may belong to another visitor, or have been deleted.',
  theDiskIsFullSoNothing:
    'The disk is full, so nothing was saved. Free some space; what you typed is kept in this window.',
  theDatabaseIsNotAnsweringSo:
    'The database is not answering, so nothing was saved. What you typed is kept in this window and saved when it is back.',
}

export const streams = {
  twoSimulatedDevicesRunAlreadyEnd: 'Two simulated devices run already; end one of them first.',
}
