/** Dialog of a plug-in meter's log. */

export const fileLog = {
  powerW: 'Power, W',
  powerKw: 'Power, kW',
  aTotalThatGrowsKwh: 'A total that grows, kWh',
  aTotalThatGrowsWh: 'A total that grows, Wh',
  energyOfEachIntervalKwh: 'Energy of each interval, kWh',
  energyOfEachIntervalWh: 'Energy of each interval, Wh',
  thisFileHasNoRowsOf:
    'This file has no rows of readings. A text file with one reading a line would be right.',
  column: 'Column {i}',
  aFileWithATimeAnd: 'A file with a time and watts, a growing total or an interval’s energy in each line.',
  chooseAFile: 'Choose a file',
  meterFile: 'Meter file',
  timeIn: 'Time in',
  dateIn: 'Date in',
  theSameColumnAsTheTime: 'the same column as the time',
  readingIn: 'Reading in',
  itIs: 'It is',
  decimals: 'Decimals',
  aPoint15: 'a point: 1.5',
  aComma15: 'a comma: 1,5',
  dates: 'Dates',
  dayFirst05022027Is: 'day first: 05/02/2027 is in February',
  monthFirst02052027Is: 'month first: 02/05/2027 is in February',
  theFirstLinesOfTheFile: 'The first lines of the file',
  readIt: 'Read it',
  readingTheFile: 'Reading the file',
  stop: 'Stop',
  ofLinesRead: '{number} of {number2} lines read',
  leftOut: ', {refusedCount} left out',
  linesCouldNotBeReadThe: '{refusedCount} lines could not be read; the rest is kept',
  line: 'Line {line}, “{text}”: {message}',
  useIt: 'Use it',
}

export const foundList = {
  average: 'Average',
  overH: '{watts} over {number} h',
  running: 'Running',
  startHighestReading: 'Start, highest reading',
  on: 'On',
  ofTheTime: '{percent} of the time',
  aCycle: 'A cycle',
  onOff: '{duration} on, {duration2} off',
  defrosts: 'Defrosts',
  forWord: '{count}, {watts} for {duration}',
  gapsLeftOut: 'Gaps left out',
  together: '{nGaps}, {duration} together',
  theTotalBeganAgain: 'The total began again',
  times: '{resets} times',
}

export const meterLog = {
  readings: 'Readings',
  aFile: 'A file',
  aSimulatedMeter: 'A simulated meter',
  fromAMeter: '{load}: from a meter',
  whereTheReadingsComeFrom: 'Where the readings come from',
  meanwhileOutdoorsAbout: 'Meanwhile, outdoors about',
  meanwhileItStoodAtAbout: 'Meanwhile it stood at about',
  itMustDifferFromItsThermostat: 'It must differ from its thermostat setting by a degree at least.',
}

export const meterTrace = {
  wattsOverTheRecord: 'Watts over the record',
}

export const simulatedLog = {
  aDayInSixSeconds: 'a day in six seconds',
  tenMinutesInASecond: 'ten minutes in a second',
  inItsOwnTime: 'in its own time',
  tryLoggingWithNoHardwareA:
    'Try logging with no hardware: a simulated meter with an appliance in it sends its readings as a real one would.',
  inTheMeter: 'In the meter',
  timeRuns: 'Time runs',
  stop: 'Stop',
  startLogging: 'Start logging',
  useIt: 'Use it',
}

export const typedLog = {
  clock2: 'clock',
  leaveItOnTheMeterFor:
    'Leave it on the meter for a day or more; doors opened and used as always. A later clock that is earlier is the next day.',
  clock: 'Clock',
  totalKwh: 'Total, kWh',
  peakW: 'Peak, W',
  totalKwh2: 'total kWh',
  peakW2: 'peak W',
  reading: 'Reading {i}, {value}',
  reading2: 'Reading {row}: {message}',
  onAverageOverH: '{watts} on average over {number} h.',
  useIt: 'Use it',
}
