/** Charts. */

export const chartReadout = {
  pointAtTheChartOrMove: 'Point at the chart, or move along it with the arrow keys.',
  hourOnTheChart: 'Hour on the chart',
}

export const chargeCurve = {
  after: 'after {exactDuration}',
  empty: 'empty {moment}',
  likelyRange80To: 'Likely range (80 %): {day} {clock} to {until}',
}

export const chartDecorations = {
  nobodyHome: 'nobody home',
}

export const guideLine = {
  plannedEnd: 'planned end',
}

export const readout = {
  andMore: ' and {nRunning} more',
  nothingRuns: 'nothing runs',
  chargedLikelyTo: '{momentOf}: {percent} charged (likely {percent2} to {percent3}), {runs}',
}

export const skyRow = {
  hoursOfTheWeatherFile: 'Hours of the weather file “{sky}”.',
  hourByHour: 'Hour by hour: {sky}.',
  oneWordADayInstead: 'One word a day instead',
  theSkyOfEachDay: 'The sky of each day',
  skyOfDay: 'Sky of {name}, day {i}',
}
