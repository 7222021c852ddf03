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
import ButtonBase from '@mui/material/ButtonBase'
import { type CSSProperties, type ReactNode, createContext, useContext } from 'react'
import { dragRows } from '@/words/en/pages/loadFields'
import { wordsOf } from '@/words/translate'
import styles from './LoadsPage.module.css'

const say = wordsOf(dragRows)

/** What a row needs to be dragged. */
export interface RowDrag {
  setRow: (row: HTMLElement | null) => void
  style: CSSProperties
  isDragging: boolean
}

type GripProps = DraggableAttributes & Record<string, unknown>
/** What makes a key of a row its grip; null where rows cannot be dragged. */
const RowGrip = createContext<GripProps | null>(null)

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
      accessibility={{
        screenReaderInstructions: { draggable: say('spacePicksItUpArrowsMove') },
        announcements: {
          onDragStart: () => say('pickedUp'),
          onDragOver: ({ over }) =>
            over ? say('atPlaceOf', { place: ids.indexOf(String(over.id)) + 1, all: ids.length }) : undefined,
          onDragEnd: () => say('putDown'),
          onDragCancel: () => say('backWhereItWas'),
        },
      }}
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

/**
 * One such row.
 *
 * @param props.isFixed whether it has no place of its own to be dragged to
 */
export function DragRow(props: { id: string; isFixed: boolean; children: (drag: RowDrag) => ReactNode }) {
  const { id, isFixed, children } = props
  const { attributes, listeners, setNodeRef, transform, transition, isDragging } = useSortable({
    id,
    disabled: isFixed,
    attributes: { roleDescription: say('aRowThatCanBeMoved') },
  })
  return (
    <RowGrip value={isFixed ? null : { ...attributes, ...listeners }}>
      {children({
        setRow: setNodeRef,
        style: { transform: CSS.Translate.toString(transform), transition },
        isDragging,
      })}
    </RowGrip>
  )
}

/** The key a row is dragged by. */
export function Grip({ name }: { name: string }) {
  const grip = useContext(RowGrip)
  return (
    grip && (
      <ButtonBase
        className={styles.grip}
        {...grip}
        aria-label={say('move', { name })}
        title={say('dragToAnotherPlace')}
      >
        <span aria-hidden>⋮</span>
      </ButtonBase>
    )
  )
}
