/** Runs as they are kept and sent. */

export const runArchive = {
  theServerRefusedIt: 'the server refused it.',
  thereIsNoConnectionOpenThe:
    'there is no connection. Open the file again when it is back; nothing is kept twice.',
}

export const smallPhoto = {
  it: 'It',
  hasMbAPhotoHas60: '{name} has {size} MB; a photo has 60 at most.',
  isNoPictureThisBrowserCan: '{name} is no picture this browser can read. A JPEG or a PNG would be right.',
  couldNotBeMadeSmallEnough: '{name} could not be made small enough to be kept.',
}

export const stationLog = {
  itSwitchedItsOutletsOffToo: 'It switched its outlets off: too little was drawn.',
  theStation: 'the station',
}

export const syncRun = {
  theServerRefusedIt: 'The server refused it.',
}

export const useRun = {
  thisBrowserLetsThePageKeep:
    'This browser lets the page keep nothing; a private window may be why. Open it in a usual one.',
}

export const useStation = {
  theStationDidNotAnswer:
    'The station did not answer, so nothing is logged. Start it again in a moment, or write the readings down by hand.',
  theStationNoLongerAnswersWhat:
    'The station no longer answers. What it told is in the log; start it again when it is back.',
}
