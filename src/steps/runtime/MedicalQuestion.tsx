'use client'
import Button from '@mui/material/Button'
import Dialog from '@mui/material/Dialog'
import DialogActions from '@mui/material/DialogActions'
import DialogContent from '@mui/material/DialogContent'
import DialogTitle from '@mui/material/DialogTitle'
import { medicalQuestion } from '@/words/en/pages/runtime'
import { wordsOf } from '@/words/translate'

const say = wordsOf(medicalQuestion)

/** Asks before a medical device is kept off. */
export function MedicalQuestion(props: { name: string; hours: string; onYes: () => void; onNo: () => void }) {
  const { name, hours, onYes, onNo } = props
  return (
    <Dialog open onClose={onNo} aria-labelledby="medical-question">
      <DialogTitle id="medical-question">{say('keepOff', { name })}</DialogTitle>
      <DialogContent>
        <p>{say('itIsAMedicalDeviceWhoever', { hours })}</p>
      </DialogContent>
      <DialogActions>
        <Button onClick={onNo} autoFocus>
          {say('leaveItOn')}
        </Button>
        <Button onClick={onYes} color="error">
          {say('keepItOffAllTheSame')}
        </Button>
      </DialogActions>
    </Dialog>
  )
}
