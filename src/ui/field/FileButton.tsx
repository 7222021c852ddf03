import Button from '@mui/material/Button'

interface FileButtonProps {
  words: string
  /** for screen readers, where it says more than the words */
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
  return (
    <Button component="label" variant={variant} size={size}>
      {words}
      <input
        className="visually-hidden"
        type="file"
        accept={accept}
        aria-label={label}
        onChange={(event) => {
          const [file] = event.target.files ?? []
          event.target.value = ''
          if (file) onFile(file)
        }}
      />
    </Button>
  )
}
