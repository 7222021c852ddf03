'use client'
import ButtonBase from '@mui/material/ButtonBase'
import { memo, useCallback, useState } from 'react'
import type { AnswerPart } from '@/words/answer/answerParts'
import type { WorkingKey } from '@/words/workings/answerWorkings'
import { answerSentence } from '@/words/en/ui/answer'
import { wordsOf } from '@/words/translate'
import { changeScenario, choose, type Edit } from '../household/edits'
import { useHousehold, useHouseholdStore } from '../household/HouseholdContext'
import { ChoiceMenu } from '../shell/lazy'
import { Unbroken } from '../Unbroken'
import styles from './AnswerStrip.module.css'

const say = wordsOf(answerSentence)

type Control = NonNullable<AnswerPart['control']>

const TIERS = [
  { id: 'critical', name: say('criticalLoadsOnly') },
  { id: 'flexible', name: say('criticalAndFlexibleLoads') },
  { id: 'optional', name: say('allLoadsOnBattery') },
] as const

/** The sentence: its underlined words change what is compared, its figures open their working. */
export function AnswerSentence(props: { parts: AnswerPart[]; openWorking: (key: WorkingKey) => void }) {
  const store = useHouseholdStore()
  const household = useHousehold((state) => state.household)
  const [menu, setMenu] = useState<{ control: Control; anchor: HTMLElement } | null>(null)
  const openMenu = useCallback((control: Control, anchor: HTMLElement) => setMenu({ control, anchor }), [])
  const { chosen } = household
  const scenario = household.scenarios.find(({ id }) => id === chosen.scenarioId)!
  const choices: Record<Control, { id: string; name: string; isChosen: boolean; edit: Edit }[]> = {
    scenario: household.scenarios.map(({ id, name }) => ({
      id,
      name,
      isChosen: id === chosen.scenarioId,
      edit: choose({ scenarioId: id }),
    })),
    powerSystem: household.powerSystems.map(({ id, name }) => ({
      id,
      name,
      isChosen: id === chosen.powerSystemId,
      edit: choose({ powerSystemId: id }),
    })),
    tiers: TIERS.map(({ id, name }) => ({
      id,
      name,
      isChosen: id === scenario.carriedTiers,
      edit: changeScenario(scenario.id, { carriedTiers: id }),
    })),
  }
  return (
    <>
      <h1 className={styles.sentence} data-testid="answer">
        {props.parts.map((part, i) => (
          <Part key={i} {...part} openWorking={props.openWorking} openMenu={openMenu} />
        ))}
      </h1>
      {menu && (
        <ChoiceMenu
          anchor={menu.anchor}
          onClose={() => setMenu(null)}
          choices={choices[menu.control].map(({ id, name, isChosen, edit }) => ({
            key: id,
            words: name,
            isChosen,
            pick: () => store.getState().edit(edit),
          }))}
        />
      )}
    </>
  )
}

interface PartProps extends AnswerPart {
  openWorking: (key: WorkingKey) => void
  openMenu: (control: Control, anchor: HTMLElement) => void
}

/** A piece of the sentence; most of them stay as they are from key to key. */
const Part = memo(function Part(props: PartProps) {
  const { control, working, strong, tone } = props
  const text = <Unbroken text={props.text} />
  if (control) {
    return (
      <ButtonBase
        className={styles.control}
        aria-haspopup="menu"
        onClick={(event) => props.openMenu(control, event.currentTarget)}
      >
        {text}
      </ButtonBase>
    )
  }
  if (working) {
    const classes = [styles.figure, strong && styles.strong, tone && styles[tone]].filter(Boolean).join(' ')
    return (
      <ButtonBase className={classes} title={say('theWorking')} onClick={() => props.openWorking(working)}>
        {text}
      </ButtonBase>
    )
  }
  const classes = [strong && styles.strong, tone && styles[tone]].filter(Boolean).join(' ')
  return classes ? <span className={classes}>{text}</span> : <>{text}</>
})
