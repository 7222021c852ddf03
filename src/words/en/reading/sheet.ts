/** What is wrong with rows of sheets: of equipment, of a run’s readings, of a weather file. */
export const sheet = {
  /** equipment */
  cell: {
    header: 'the header lacks {missing}; it is {columns}',
    unreadable: 'a figure of this line cannot be; compare it with the sample',
    name: 'name must have 1 to 80 letters',
    kind: '{column} is “{said}”; {choices} would be right',
    number:
      '{column} is “{said}”; {isWhole, select, yes {a whole number} other {a number}} from {low} to {high} would be right, such as {example}',
    empty: '{column} is empty; such as {example}',
    volts: 'volts is “{said}”; 12, 120, 230 or 240 would be right, several parted by a slash',
    surge: 'surge_w {surge} is below continuous_w {rated}',
    noHighVolts: 'solar_high_v is empty: the highest volts of the input for panels are needed, such as 60',
    lowVolts: 'solar_low_v must be given and below solar_high_v {high}, such as 11',
    noAmps: 'solar_a and solar_w are needed beside solar_high_v, such as 15 and 500',
  },
  /** a run’s readings */
  reading: {
    nothing: 'no figure stands in it',
    noHours: '“{said}” is no number of hours such as 1.5',
    noMoment: '“{said}” is no date and time such as 2027-02-05 18:30',
    tooEarly: '{said} is before the run began',
    noNumber: '“{said}” is no number',
    belowZero: '{said} is below zero',
    overFull: '{said} % is more than full; 0 to 100 would be right',
  },
  /** a weather file */
  weather: {
    noEpw: 'line 1 does not begin with LOCATION: this is no EPW weather file',
    hours: 'the file has {hours} hours; a year has 8,760, a leap year 8,784. It may have been cut off',
    otherHour: 'line {line} is hour {hour}; hour {expected} should come there',
    columns: 'line {line} has {columns} columns; an EPW line has 35. It may have been cut off',
    noNumber: 'line {line}, column {column} is “{said}”; a number would be right',
    gap: '{what, select, temperature {temperature} other {radiation}} is missing for {hours} hours from line {line}; a file without such gaps would be right',
    place:
      'line 1: {what, select, latitude {latitude} longitude {longitude} other {time zone}} is “{said}”; a number from {low} to {high} would be right',
  },
} as const
