'use client'
import Alert from '@mui/material/Alert'
import Autocomplete from '@mui/material/Autocomplete'
import Box from '@mui/material/Box'
import Checkbox from '@mui/material/Checkbox'
import FormControlLabel from '@mui/material/FormControlLabel'
import Stack from '@mui/material/Stack'
import TextField from '@mui/material/TextField'
import Typography from '@mui/material/Typography'
import { useState } from 'react'
import { APPLIANCES, type Appliance, numbersOf } from '@/catalog/appliances'
import { searchAppliances } from '@/catalog/appliances/findThing'
import { COMMON_THINGS, type StartAnswers } from '@/catalog/startHousehold'
import { averageW } from '@/core/load/average'
import { LIMITS } from '@/core/plan/limits'
import type { Household } from '@/core/plan/household'
import { formatWatts } from '@/words/format'
import { QuantityField } from '@/ui/field/QuantityField'
import { loadOfLine } from '@/ui/household/loadOfLine'
import { thingsList } from '@/words/en/pages/start'
import { wordsOf } from '@/words/translate'

const say = wordsOf(thingsList)

type Things = StartAnswers['things']

const lineReader = () => import('@/ui/household/lineReader')
const applianceOf = (id: string) => APPLIANCES.find((one) => one.id === id)!

/** What must not stop: common things to tick, others by name, or a line. */
export function ThingsList(props: {
  answers: StartAnswers
  household: Household
  change: (part: Partial<StartAnswers>) => void
}) {
  const { answers, household, change } = props
  const { things, written } = answers
  const [text, setText] = useState('')
  const [said, setSaid] = useState<string | null>(null)
  const isFull = things.length + written.length >= LIMITS.loads
  const countOf = (id: string) => things.find((one) => one.id === id)?.count ?? 0
  const put = (id: string, count: number) => {
    const rest: Things = things.filter((one) => one.id !== id)
    change({
      things:
        count === 0
          ? rest
          : countOf(id) > 0
            ? things.map((one) => (one.id === id ? { id, count } : one))
            : [...rest, { id, count }],
    })
  }
  const others = things.filter(({ id }) => !COMMON_THINGS.some((common) => common === id))
  const hasMedical =
    things.some(({ id }) => applianceOf(id).medical) || written.some(({ medical }) => medical)
  const readLine = async (line: string) => {
    const mains = answers.mains === '230 V' ? 230 : 120
    const { indoorC } = household.scenarios[0]
    const reading = (await lineReader()).readLine(line, mains, indoorC, household.profile.units)
    if (reading.status === 'read') {
      const load = loadOfLine(reading.load, household)
      const standings = { [household.chosen.scenarioId]: { on: true, tier: 'flexible' as const } }
      change({ written: [...written, { ...load, standings: load.medical ? load.standings : standings }] })
      setSaid(`${load.name}: ${reading.understood}`)
      return setText('')
    }
    setSaid(reading.status === 'refuse' ? reading.message : say('canMeanSeveralThingsWriteIts', { line }))
  }
  return (
    <Stack spacing={1.5}>
      <Typography component="h2" variant="subtitle2">
        {say('text2WhatMustNotStop')}
      </Typography>
      <Autocomplete<Appliance, false, false, true>
        freeSolo
        size="small"
        disabled={isFull}
        value={null}
        inputValue={text}
        onInputChange={(_, next, reason) => reason !== 'reset' && setText(next)}
        options={text.trim() ? searchAppliances(text).slice(0, 12) : []}
        filterOptions={(all) => all}
        getOptionLabel={(one) => (typeof one === 'string' ? one : one.name)}
        getOptionKey={(one) => (typeof one === 'string' ? one : one.id)}
        renderOption={({ key, ...option }, one) => (
          <li key={key} {...option}>
            {one.name}&ensp;
            <Typography variant="caption" color="text.secondary">
              {one.group}, {formatWatts(numbersOf(one).runningW)}
            </Typography>
          </li>
        )}
        onChange={(_, one) => {
          if (one === null) return
          if (typeof one === 'string') return void readLine(one.trim())
          put(one.id, Math.max(1, countOf(one.id)))
          setSaid(say('isTicked', { one: one.name }))
          setText('')
        }}
        renderInput={(input) => (
          <TextField
            {...input}
            label={say('nameItOrWriteALine')}
            placeholder={say('fridgeSumpWifiOrPump400')}
            helperText={isFull ? say('thingsAreTheMost', { loads: LIMITS.loads }) : said}
            slotProps={{ ...input.slotProps, formHelperText: { role: 'status' } }}
          />
        )}
      />
      <Box
        component="ul"
        aria-label={say('commonThings')}
        sx={{
          listStyle: 'none',
          m: 0,
          p: 0,
          display: 'grid',
          gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr' },
          columnGap: 3.5,
        }}
      >
        {COMMON_THINGS.map((id) => (
          <Thing key={id} id={id} count={countOf(id)} put={put} />
        ))}
        {others.map(({ id, count }) => (
          <Thing key={id} id={id} count={count} put={put} />
        ))}
        {written.map((load) => (
          <Row key={load.id}>
            <FormControlLabel
              label={load.name}
              control={
                <Checkbox
                  checked
                  onChange={() => change({ written: written.filter((one) => one !== load) })}
                />
              }
            />
            <Typography variant="caption" color="text.secondary">
              {say('average', { watts: formatWatts(averageW(load.behaviour)) })}
            </Typography>
          </Row>
        ))}
      </Box>
      {hasMedical && <Alert severity="warning">{say('aMedicalDeviceThisPlanDoes')}</Alert>}
      <Typography variant="caption" color="text.secondary">
        {say('moreByNameAllFiguresAre', { nAPPLIANCES: APPLIANCES.length - COMMON_THINGS.length })}
      </Typography>
    </Stack>
  )
}

function Row({ children }: { children: React.ReactNode }) {
  return (
    <Box
      component="li"
      sx={{
        display: 'flex',
        alignItems: 'center',
        justifyContent: 'space-between',
        gap: 1,
        minHeight: 35,
        borderBottom: '1px solid var(--hairline)',
      }}
    >
      {children}
    </Box>
  )
}

function Thing(props: { id: string; count: number; put: (id: string, count: number) => void }) {
  const { id, count, put } = props
  const appliance = applianceOf(id)
  const watts = averageW(appliance.behaviour)
  return (
    <Row>
      <FormControlLabel
        label={
          <Box component="span" sx={{ fontWeight: count > 0 ? 700 : 400 }}>
            {appliance.name}
          </Box>
        }
        control={<Checkbox checked={count > 0} onChange={(_, on) => put(id, on ? 1 : 0)} />}
      />
      {count > 0 ? (
        <Box
          component="span"
          sx={{ display: 'flex', alignItems: 'center', gap: 0.5, width: 64, flex: 'none' }}
        >
          ×
          <QuantityField
            local
            cell
            label={say('howMany', { appliance: appliance.name })}
            path="load.count"
            value={count}
            onChange={(next) => put(id, next)}
          />
        </Box>
      ) : (
        <Typography variant="caption" color="text.secondary" sx={{ textAlign: 'right' }}>
          {appliance.medical ? say('medical') : ''}
          {watts < 1 ? say('secondsADay') : say('average', { watts: formatWatts(watts) })}
        </Typography>
      )}
    </Row>
  )
}
