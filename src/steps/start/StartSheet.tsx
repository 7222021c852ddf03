'use client'
import Alert from '@mui/material/Alert'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import Link from '@mui/material/Link'
import Skeleton from '@mui/material/Skeleton'
import TextField from '@mui/material/TextField'
import Typography from '@mui/material/Typography'
import { useRouter } from 'next/navigation'
import { useMemo, useState } from 'react'
import { usualOf } from '@/catalog/countries'
import { type StartAnswers, startHousehold } from '@/catalog/startHousehold'
import { LIMITS, PLAN_VERSION } from '@/core/plan/limits'
import { Unbroken } from '@/ui/Unbroken'
import { UnitsContext } from '@/ui/field/units'
import { ThemeSwitch } from '@/ui/shell/ThemeSwitch'
import { startSheet } from '@/words/en/pages/start'
import { wordsOf } from '@/words/translate'
import { PowerChoice } from './PowerChoice'
import { ThingsList } from './ThingsList'
import { type StartAnswer, useStartAnswer } from './useStartAnswer'
import { WhereFields } from './WhereFields'

const say = wordsOf(startSheet)

const BEGIN: StartAnswers = {
  name: say('ourHouse'),
  place: null,
  ...usualOf('US'),
  hours: 14,
  season: 'winter',
  things: [],
  written: [],
  power: { kind: 'nothing' },
}

/** One sheet to a first answer: where, which outage, what must not stop, what there is. Every part may be left as it is. */
export function StartSheet({ today, country }: { today: string; country: string | null }) {
  const router = useRouter()
  const [answers, setAnswers] = useState(country ? { ...BEGIN, ...usualOf(country) } : BEGIN)
  const [trouble, setTrouble] = useState<string | null>(null)
  const [isMaking, setMaking] = useState(false)
  const household = useMemo(() => startHousehold(answers, today), [answers, today])
  const answer = useStartAnswer(household)
  const change = (part: Partial<StartAnswers>) => setAnswers((before) => ({ ...before, ...part }))

  const open = async (isEmpty: boolean) => {
    if (answers.name.trim() === '') return setTrouble(say('giveTheHouseholdANameSuch'))
    setMaking(true)
    setTrouble(null)
    const wanted = isEmpty ? { ...answers, things: [], written: [] } : answers
    try {
      const response = await fetch('/api/households', {
        method: 'POST',
        headers: { 'Content-Type': 'application/json' },
        body: JSON.stringify({
          from: 'file',
          version: PLAN_VERSION,
          household: startHousehold({ ...wanted, name: wanted.name.trim() }, today),
        }),
      })
      const body = await response.json()
      if (response.ok) {
        const page = isEmpty ? 'loads' : answers.power.kind === 'nothing' ? 'power?tab=find' : 'runtime'
        return router.push(`/h/${body.id}/${page}`)
      }
      setTrouble(body.error?.message ?? say('itCouldNotBeMade'))
    } catch {
      setTrouble(say('yotropeIsNotAnsweringNothingWas'))
    }
    setMaking(false)
  }

  return (
    <UnitsContext.Provider value={answers.units}>
      <Box
        component="header"
        sx={{
          display: 'flex',
          alignItems: 'center',
          gap: 2.5,
          minHeight: 45,
          px: 2.5,
          borderBottom: '1px solid var(--hairline)',
        }}
      >
        <Link href="/" underline="none" color="inherit" sx={{ fontSize: 17, fontWeight: 700 }}>
          Yotrope
        </Link>
        <Box component="span" sx={{ display: { xs: 'none', sm: 'inline' } }}>
          {say('startYours')}
        </Box>
        <Box sx={{ flex: 1 }} />
        <Button onClick={() => open(true)} disabled={isMaking}>
          {say('skipToAnEmptyPlan')}
        </Button>
        <ThemeSwitch />
      </Box>
      <Box component="main">
        <Box
          component="section"
          aria-label={say('theAnswer')}
          sx={{
            display: 'grid',
            gridTemplateColumns: { xs: '1fr', md: '3fr 2fr' },
            gap: { xs: 1, md: 4 },
            px: 2.5,
            py: { xs: 1, sm: 2 },
            minHeight: { md: 118 },
            alignContent: 'start',
            background: 'var(--sheet)',
            borderBottom: '1px solid var(--hairline)',
            position: 'sticky',
            top: 0,
            zIndex: 2,
          }}
        >
          <Sentence answer={answer} hasLoads={household.loads.length > 0} />
          <Box sx={{ display: { xs: 'none', sm: 'block' } }}>
            <Typography variant="subtitle2" component="h2">
              {say('howSureIsThis')}
            </Typography>
            <Typography variant="body2" color="text.secondary">
              {say('everyFigureHereIsATypical')}
            </Typography>
          </Box>
        </Box>
        <Box
          sx={{
            display: 'grid',
            gridTemplateColumns: { xs: '1fr', md: '300px 1fr 310px' },
            '& > *': { p: 2.5, borderRight: { md: '1px solid var(--hairline)' } },
            '& > *:last-child': { borderRight: 0 },
          }}
        >
          <section>
            <WhereFields answers={answers} today={today} change={change} />
          </section>
          <section>
            <ThingsList answers={answers} household={household} change={change} />
          </section>
          <section>
            <PowerChoice power={answers.power} onChange={(power) => change({ power })} />
            <Box sx={{ mt: 3, display: 'grid', gap: 1.5, justifyItems: 'start' }}>
              <TextField
                size="small"
                fullWidth
                label={say('nameOfTheHousehold')}
                value={answers.name}
                onChange={(event) => change({ name: event.target.value })}
                slotProps={{ htmlInput: { maxLength: LIMITS.nameLength } }}
              />
              {trouble && (
                <Alert severity="error" role="alert">
                  {trouble}
                </Alert>
              )}
              <Button variant="contained" color="primary" onClick={() => open(false)} loading={isMaking}>
                {say('openMyPlan')}
              </Button>
            </Box>
          </section>
        </Box>
      </Box>
    </UnitsContext.Provider>
  )
}

function Sentence({ answer, hasLoads }: { answer: StartAnswer; hasLoads: boolean }) {
  const frame = { fontSize: { xs: 15, sm: 20 }, lineHeight: 1.4, fontWeight: 400, m: 0, maxWidth: '62ch' }
  if (!hasLoads)
    return (
      <Typography component="h1" sx={frame}>
        {say('howLongWillYourPowerLast')}
      </Typography>
    )
  if (answer.kind === 'failed')
    return (
      <Alert severity="error">
        <b>{say('noAnswer')}</b> {answer.message}
      </Alert>
    )
  if (answer.kind === 'waiting')
    return (
      <Box role="status" aria-label={say('workingOutTheAnswer')} sx={frame}>
        <Skeleton width="92%" />
        <Skeleton width="70%" />
      </Box>
    )
  return (
    <Typography component="h1" sx={frame} aria-live="polite" data-testid="answer">
      {answer.parts.map(({ text, strong, tone }, i) => (
        <Box
          key={i}
          component="span"
          sx={{
            fontWeight: strong ? 700 : undefined,
            color: tone === 'short' ? 'var(--demand)' : tone === 'holds' ? 'var(--store)' : undefined,
          }}
        >
          <Unbroken text={text} />
        </Box>
      ))}
    </Typography>
  )
}
