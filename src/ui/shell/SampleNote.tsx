'use client'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import Link from 'next/link'
import { sampleNote } from '@/words/en/ui/shell'
import { wordsOf } from '@/words/translate'
import { useHousehold } from '../household/HouseholdContext'

const say = wordsOf(sampleNote)

/** On the sample: what this is, and the way to one's own. */
export function SampleNote() {
  const isSample = useHousehold(({ household }) => household.profile.sample)
  if (!isSample) return null
  return (
    <Box
      component="aside"
      aria-label={say('aboutThisPage')}
      sx={{
        display: 'flex',
        alignItems: 'center',
        gap: 2,
        px: 2.5,
        py: 0.75,
        borderBottom: '1px solid var(--hairline)',
      }}
    >
      <span>
        {say('howLongYourPowerLastsIn')}{' '}
        <Box component="span" sx={{ color: 'var(--soft)', display: { xs: 'none', sm: 'inline' } }}>
          {say('thisIsAMadeUpHousehold')}
        </Box>
      </span>
      <Button
        component={Link}
        href="/start"
        variant="contained"
        color="primary"
        sx={{ flex: 'none', ml: 'auto' }}
      >
        {say('startYours')}
      </Button>
    </Box>
  )
}
