'use client'
import { EQUIPMENT } from '@/catalog/equipment'
import type { Equipment } from '@/core/plan/equipment'
import { ChoiceMenu } from '@/ui/shell/lazy'

/** The classes of the catalogue to choose one from. */
export function ClassMenu(props: {
  anchor: HTMLElement
  onClose: () => void
  pick: (equipment: Equipment) => void
}) {
  const { anchor, onClose, pick } = props
  return (
    <ChoiceMenu
      anchor={anchor}
      onClose={onClose}
      choices={EQUIPMENT.map((equipment) => ({
        key: equipment.id,
        words: equipment.source.name,
        pick: () => pick(equipment),
      }))}
    />
  )
}
