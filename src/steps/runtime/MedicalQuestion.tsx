'use client'
import Button from '@mui/material/Button'
import Dialog from '@mui/material/Dialog'
import DialogActions from '@mui/material/DialogActions'
import DialogContent from '@mui/material/DialogContent'
import DialogTitle from '@mui/material/DialogTitle'

/** Asks before a medical device is kept off. */
export function MedicalQuestion(props: { name: string; hours: string; onYes: () => void; onNo: () => void }) {
  const { name, hours, onYes, onNo } = props
  return (
    <Dialog open onClose={onNo} aria-labelledby="medical-question">
      <DialogTitle id="medical-question">Keep {name} off?</DialogTitle>
      <DialogContent>
        <p>
          It is a medical device. Whoever depends on it would be without it {hours}. Ask its supplier or a
          doctor what it bears before you plan this.
        </p>
      </DialogContent>
      <DialogActions>
        <Button onClick={onNo} autoFocus>
          Leave it on
        </Button>
        <Button onClick={onYes} color="error">
          Keep it off all the same
        </Button>
      </DialogActions>
    </Dialog>
  )
}
