/** Help, keys and glossary. */

export const helpDialog = {
  wordsAndKeys: 'Words and keys',
  words: 'Words',
  keys: 'Keys',
  partOfAWord: 'Part of a word',
  lookUpAWord: 'Look up a word',
  nothingAboutTryAShorterPart: 'Nothing about “{text}”. Try a shorter part of the word.',
}

export const keysPanel = {
  inTheListOfLoadsPrevious: 'In the list of loads: previous and next load',
  alt: 'Alt ↑ ↓',
  inTheListOfLoadsMove: 'In the list of loads: move the load',
  ctrlZ: 'Ctrl Z',
  undo: 'Undo',
  ctrlShiftZ: 'Ctrl Shift Z',
  redo: 'Redo',
  esc: 'Esc',
  closeWhatIsOpenInA: 'Close what is open; in a field: bring back what counts',
  singleKeysAreOn: 'Single keys are on',
  singleKeysAreOff: 'Single keys are off',
  allKeysAsTheyWereAt: 'All keys as they were at first',
  keyFor: 'Key for: {words}',
}

export const term = {
  forExample: 'For example: {example}',
}
