/** Skies, climates and kinds of weather. */
export const weather = {
  sky: {
    clear: 'clear',
    mixed: 'sun and cloud',
    overcast: 'overcast',
    dark: 'dark storm',
  },
  climate: {
    'cold-inland': 'Cold winters, inland',
    'far-north': 'Far north',
    'mild-coast': 'Mild coast',
    'warm-humid': 'Warm and humid',
    'dry-summer': 'Dry summers',
    'hot-desert': 'Hot desert',
    mountains: 'High valleys',
  },
  storm: {
    ordinary: 'An ordinary day',
    ice: 'Ice storm',
    'deep-cold': 'Deep cold',
    snow: 'Heavy snow',
    wind: 'Wind storm',
    thunder: 'Thunderstorms',
    rain: 'Days of rain',
    heat: 'Heat wave',
    tropical: 'Tropical storm',
  },
}
