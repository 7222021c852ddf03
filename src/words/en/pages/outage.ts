/** Page Outage. */

export const outageLine = {
  fromTo: 'From {moment} to {moment2}',
  shadedAsleepDottedNobodyHome: 'shaded: asleep · dotted: nobody home',
}

export const outagePage = {
  removed: 'Removed {scenario}.',
  outages: 'Outages',
  outagesPlannedFor: 'Outages planned for',
  addAnOutageLikeThis: 'Add an outage like this',
  name: 'Name',
  outageLength: 'Outage length',
  until: 'Until {moment}{isNaN, select, yes {} other {.}}',
  loadsToCarry: 'Loads to carry',
  criticalLoadsOnly: 'Critical loads only',
  criticalAndFlexibleLoads: 'Critical and flexible loads',
  allLoadsOnBattery: 'All loads on battery',
  confidence: 'Confidence',
  sure: '{percent} sure',
  nobodyHome: 'Nobody home',
  asleep: 'Asleep',
  coldestOutdoors: 'Coldest outdoors',
  warmestOutdoors: 'Warmest outdoors',
  theColdestHourCannotBeWarmer: 'The coldest hour cannot be warmer than the warmest.',
  theWarmestHourCannotBeColder: 'The warmest hour cannot be colder than the coldest.',
  indoors: 'Indoors',
  rain: 'Rain',
  dry: 'Dry',
  rainPitsFillFaster: 'Rain: pits fill faster',
  downpourPitsFillFastest: 'Downpour: pits fill fastest',
  sky: 'Sky',
  note: 'Note',
  removeThisOutage: 'Remove this outage',
}

export const placeFields = {
  byLongitude: 'by longitude',
  place: 'Place',
  latitude: 'Latitude',
  longitude: 'Longitude',
  clockAheadOfUtc: 'Clock ahead of UTC',
  byLongitudeH: 'by longitude, {number} h',
}

export const startField = {
  whenTheOutageStarts: 'When the outage starts',
  starts: 'Starts',
  startsAt: 'Starts at',
}

export const weatherPreset = {
  weatherLike: 'Weather like',
  climate: 'Climate',
  kindOfWeather: 'Kind of weather',
  useThisWeather: 'Use this weather',
  theSky: '{temperatures}, {rainwords}; the sky {sky}',
  dry: 'dry',
  rain: 'rain',
  downpour: 'downpour',
}
