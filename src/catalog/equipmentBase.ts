import type { EquipmentBase } from '@/core/storage/equipmentRows'
import { BATTERIES } from './batteries'
import { bankSource, equipmentClass } from './equipment'
import { usualNoLoadW } from './noLoad'

/** What equipment read from a file takes from the catalogue where the file says nothing. */
export const equipmentBase = (): EquipmentBase => ({
  station: equipmentClass('station-1000').source,
  bankSource,
  battery: (chemistry) => BATTERIES.find(({ battery }) => battery.chemistry === chemistry)!.battery,
  noLoadW: usualNoLoadW,
})
