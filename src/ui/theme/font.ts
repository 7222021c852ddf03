import localFont from 'next/font/local'

/**
 * The pages' own type. It is asked for with the page, and until it is there the fallback takes the same room, so that nothing
 * moves when it comes.
 */
export const latin = localFont({
  src: '../../../node_modules/@fontsource-variable/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-wght-normal.woff2',
  weight: '200 800',
  display: 'swap',
  variable: '--font-latin',
  adjustFontFallback: 'Arial',
})

/** Letters beyond western Europe, fetched where a name has one. */
export const latinExtended = localFont({
  src: '../../../node_modules/@fontsource-variable/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-ext-wght-normal.woff2',
  weight: '200 800',
  display: 'swap',
  variable: '--font-latin-extended',
  preload: false,
  adjustFontFallback: false,
  declarations: [
    {
      prop: 'unicode-range',
      value:
        'U+0100-02BA,U+02BD-02C5,U+02C7-02CC,U+02CE-02D7,U+02DD-02FF,U+0304,U+0308,U+0329,U+1D00-1DBF,U+1E00-1E9F,U+1EF2-1EFF,U+2020,U+20A0-20AB,U+20AD-20C0,U+2113,U+2C60-2C7F,U+A720-A7FF',
    },
  ],
})
