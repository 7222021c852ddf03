'use client'
import {
  DndContext,
  type DraggableAttributes,
  KeyboardSensor,
  PointerSensor,
  closestCenter,
  useSensor,
  useSensors,
} from '@dnd-kit/core'
import {
  SortableContext,
  sortableKeyboardCoordinates,
  useSortable,
  verticalListSortingStrategy,
} from '@dnd-kit/sortable'
import { CSS } from '@dnd-kit/utilities'
import type { CSSProperties, ReactNode } from 'react'

/** What a row needs to be dragged. */
export interface RowDrag {
  setRow: (row: HTMLElement | null) => void
  style: CSSProperties
  grip: DraggableAttributes & Record<string, unknown>
  isDragging: boolean
}

/** Rows that can be put into another order by pointer or keyboard. */
export function DragArea(props: {
  ids: string[]
  moveTo: (id: string, index: number) => void
  children: ReactNode
}) {
  const { ids, moveTo, children } = props
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 4 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  )
  return (
    <DndContext
      id="ledger"
      sensors={sensors}
      collisionDetection={closestCenter}
      onDragEnd={({ active, over }) => {
        if (over && active.id !== over.id) moveTo(String(active.id), ids.indexOf(String(over.id)))
      }}
    >
      <SortableContext items={ids} strategy={verticalListSortingStrategy}>
        {children}
      </SortableContext>
    </DndContext>
  )
}

/** One such row. */
export function DragRow({ id, children }: { id: string; children: (drag: RowDrag) => ReactNode }) {
  const { attributes, listeners, setNodeRef, transform, transition, isDragging } = useSortable({ id })
  return children({
    setRow: setNodeRef,
    style: { transform: CSS.Translate.toString(transform), transition },
    grip: { ...attributes, ...listeners },
    isDragging,
  })
}
