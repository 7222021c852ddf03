import Button from '@mui/material/Button'
import { useRef } from 'react'

interface FileButtonProps {
  words: string
  /** of the field behind the key, where it says more than the words */
  label?: string
  /** what may be picked, such as ".csv,text/csv" */
  accept: string
  onFile: (file: File) => void
  variant?: 'text' | 'outlined'
  size?: 'medium' | 'large'
}

/** Asks for a file; the same one may be picked again. */
export function FileButton(props: FileButtonProps) {
  const { words, label = words, accept, onFile, variant = 'outlined', size } = props
  const input = useRef<HTMLInputElement>(null)
  return (
    <>
      <Button variant={variant} size={size} onClick={() => input.current?.click()}>
        {words}
      </Button>
      <input
        ref={input}
        hidden
        type="file"
        accept={accept}
        aria-label={label}
        onChange={(event) => {
          const [file] = event.target.files ?? []
          event.target.value = ''
          if (file) onFile(file)
        }}
      />
    </>
  )
}
