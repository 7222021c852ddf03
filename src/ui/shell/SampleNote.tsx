'use client'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import Link from 'next/link'
import { useHousehold } from '../household/HouseholdContext'

/** On the sample: what this is, and the way to one's own. */
export function SampleNote() {
  const isSample = useHousehold(({ household }) => household.profile.sample)
  if (!isSample) return null
  return (
    <Box
      component="aside"
      aria-label="About this page"
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
        How long your power lasts in an outage, and until what hour.{' '}
        <Box component="span" sx={{ color: 'var(--soft)', display: { xs: 'none', sm: 'inline' } }}>
          This is a made-up household to look around in; change anything.
        </Box>
      </span>
      <Button
        component={Link}
        href="/start"
        variant="contained"
        color="primary"
        sx={{ flex: 'none', ml: 'auto' }}
      >
        Start yours
      </Button>
    </Box>
  )
}
