import { steps } from '@/words/en/ui/shell'
import { wordsOf } from '@/words/translate'
import type { KeyAct } from './keySettings'

const say = wordsOf(steps)

interface Step {
  path: KeyAct & ('outage' | 'loads' | 'power' | 'runtime' | 'recharge' | 'hookup' | 'run')
  name: string
  /** what is found here, for who looks by another word */
  words: string
  /** what the page is for */
  purpose: string
}

/** The steps of the work in their order; each has a page and a key. */
export const STEPS: readonly Step[] = [
  {
    path: 'outage',
    name: say('outage'),
    words: say('startLengthPlaceWeatherTemperature'),
    purpose: say('whichOutageYouPrepareForWhen'),
  },
  {
    path: 'loads',
    name: say('loads'),
    words: say('appliancesThingsWattsRefrigerator'),
    purpose: say('whatMustNotStopAndWhat'),
  },
  {
    path: 'power',
    name: say('power'),
    words: say('powerStationBatteryBankInverter'),
    purpose: say('whatFeedsItComparePowerStations'),
  },
  {
    path: 'runtime',
    name: say('runtime'),
    words: say('howLongHoursChartStateOf'),
    purpose: say('howLongItLastsAndUntil'),
  },
  {
    path: 'recharge',
    name: say('recharge'),
    words: say('solarPanelsSunGeneratorFuelCar'),
    purpose: say('whatFillsTheBatteryAgainSun'),
  },
  {
    path: 'hookup',
    name: say('hookup'),
    words: say('wiringCordCableFuseExtension'),
    purpose: say('whatPlugsIntoWhatWithWhich'),
  },
  {
    path: 'run',
    name: say('testRun'),
    words: say('tryTestDrillOutageLogReadings'),
    purpose: say('tryThePlanOnPurposeOr'),
  },
]
