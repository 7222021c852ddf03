'use client'
import { createTheme } from '@mui/material/styles'

/** Whatever has the keyboard shows it. */
const FOCUS = { outline: '2px solid var(--focus)', outlineOffset: 2 }

const ofInk = (percent: number) => `color-mix(in srgb, var(--ink) ${percent}%, transparent)`
const tone = (main: string) => ({ main, light: main, dark: main, contrastText: 'var(--paper)' })

/**
 * MUI under the house's palette: hairlines, no shadows, no capitals, figures that line up. Its colours are the tokens of
 * tokens.css, which by day and by night are others; so that controls are drawn once, and none of their colours is
 * computed by the page.
 */
const theme = createTheme({
  palette: {
    primary: tone('var(--store)'),
    secondary: tone('var(--ink)'),
    error: tone('var(--demand)'),
    warning: tone('var(--refill-text)'),
    info: tone('var(--store)'),
    success: tone('var(--store)'),
    text: { primary: 'var(--ink)', secondary: 'var(--soft)', disabled: ofInk(40) },
    // a notice computes with the first; its colours are given below
    background: { default: '#f3efe6', paper: 'var(--sheet)' },
    divider: 'var(--hairline)',
    common: { black: 'var(--ink)', white: 'var(--sheet)' },
    action: {
      active: 'var(--ink)',
      hover: ofInk(5),
      selected: ofInk(9),
      focus: ofInk(12),
      disabled: ofInk(30),
      disabledBackground: ofInk(12),
    },
  },
  typography: { fontFamily: 'var(--font-latin-extended), var(--font-latin), sans-serif', fontSize: 14 },
  shape: { borderRadius: 2 },
  components: {
    MuiAlert: {
      styleOverrides: {
        root: {
          padding: '4px 12px',
          border: '1px solid var(--hairline)',
          borderLeft: '3px solid var(--rule)',
          background: 'var(--sheet)',
          color: 'var(--ink)',
          '&.MuiAlert-colorError, &.MuiAlert-colorWarning': { borderColor: 'var(--demand)' },
        },
      },
    },
    MuiNativeSelect: {
      // its words go on a second line rather than be cut
      styleOverrides: { select: { height: 'auto', whiteSpace: 'normal', lineHeight: 1.25 } },
    },
    MuiButtonBase: {
      defaultProps: { disableRipple: true },
      styleOverrides: { root: { font: 'inherit', '&.Mui-focusVisible': FOCUS } },
    },
    MuiButton: {
      defaultProps: { disableElevation: true, variant: 'outlined', color: 'inherit', size: 'small' },
      styleOverrides: {
        root: { textTransform: 'none', borderColor: 'var(--rule)', fontWeight: 600 },
        text: {
          minWidth: 0,
          minHeight: 24,
          padding: '1px 2px',
          font: 'inherit',
          textAlign: 'left',
          textDecoration: 'underline',
          textUnderlineOffset: 3,
          '&:hover': { background: 'none', textDecoration: 'underline', textDecorationThickness: 2 },
        },
      },
    },
    MuiIconButton: {
      defaultProps: { size: 'small', color: 'inherit' },
      styleOverrides: { root: { borderRadius: 2 } },
    },
    MuiToggleButtonGroup: { styleOverrides: { root: { flexWrap: 'wrap' } } },
    MuiToggleButton: {
      styleOverrides: {
        root: {
          minWidth: 26,
          minHeight: 26,
          padding: '0 3px',
          border: 0,
          borderRadius: 0,
          color: 'var(--soft)',
          fontSize: 12,
          lineHeight: 1,
          textTransform: 'none',
          '&.Mui-selected, &.Mui-selected:hover': {
            background: 'none',
            color: 'var(--ink)',
            fontWeight: 700,
            textDecoration: 'underline',
            textUnderlineOffset: 3,
          },
          '&.Mui-focusVisible': FOCUS,
        },
      },
    },
    MuiPaper: { defaultProps: { elevation: 0 }, styleOverrides: { root: { backgroundImage: 'none' } } },
    MuiDialog: { styleOverrides: { paper: { border: '1px solid var(--rule)' } } },
    MuiMenu: { styleOverrides: { paper: { border: '1px solid var(--rule)' } } },
    MuiInput: {
      styleOverrides: {
        root: {
          font: 'inherit',
          fontVariantNumeric: 'inherit',
          color: 'var(--ink)',
          '&::before': { borderBottomColor: 'var(--rule)' },
          '&:hover:not(.Mui-disabled, .Mui-error)::before': { borderBottom: '1px solid var(--ink)' },
          '&:hover, &.Mui-focused': { background: 'var(--sheet)' },
          '&.Mui-error::before, &.Mui-error::after': { borderBottom: '2px dashed var(--demand)' },
          '&::after': { borderBottomColor: 'var(--focus)' },
        },
        input: {
          height: 'auto',
          // with its padding 24 px, what a finger needs at least
          minHeight: 20,
          padding: '2px 4px',
          font: 'inherit',
          fontVariantNumeric: 'tabular-nums',
          lineHeight: 1.4,
          textAlign: 'inherit',
          '& option': { background: 'var(--sheet)' },
        },
        multiline: { padding: '2px 4px' },
      },
    },
    MuiOutlinedInput: {
      styleOverrides: {
        notchedOutline: { borderColor: ofInk(30) },
        root: { '&:hover:not(.Mui-focused) .MuiOutlinedInput-notchedOutline': { borderColor: 'var(--ink)' } },
      },
    },
    MuiCheckbox: {
      defaultProps: { disableRipple: true },
      styleOverrides: {
        root: {
          padding: 3,
          margin: '-3px 0',
          color: 'var(--rule)',
          '&.Mui-checked': { color: 'var(--store)' },
          '&.Mui-focusVisible': FOCUS,
        },
      },
    },
    MuiFormControlLabel: {
      styleOverrides: {
        root: { marginRight: 0 },
        label: { fontSize: 'inherit', fontWeight: 'inherit', lineHeight: 1.35 },
      },
    },
    MuiRadio: {
      styleOverrides: {
        root: {
          padding: 4,
          marginLeft: 4,
          color: 'var(--rule)',
          '&.Mui-checked': { color: 'var(--store)' },
          '&.Mui-focusVisible': { ...FOCUS, outlineOffset: 0 },
        },
      },
    },
    MuiDialogTitle: { styleOverrides: { root: { fontSize: 20, fontWeight: 700, padding: '18px 24px 8px' } } },
    MuiTabs: {
      styleOverrides: {
        root: { minHeight: 38, borderBottom: '1px solid var(--hairline)' },
        indicator: { height: 3, backgroundColor: 'var(--store)' },
      },
    },
    MuiTab: {
      styleOverrides: {
        root: {
          minHeight: 38,
          minWidth: 0,
          padding: '6px 12px',
          textTransform: 'none',
          color: 'var(--soft)',
          '&.Mui-selected': { color: 'var(--ink)', fontWeight: 700 },
        },
      },
    },
    MuiTable: { defaultProps: { size: 'small' } },
    MuiTableCell: {
      styleOverrides: {
        root: {
          padding: '4px 10px 4px 0',
          borderBottomColor: 'var(--hairline)',
          font: 'inherit',
          fontVariantNumeric: 'tabular-nums',
        },
        stickyHeader: { backgroundColor: 'var(--paper)' },
        head: {
          borderBottomColor: 'var(--ink)',
          color: 'var(--soft)',
          fontSize: 12,
          fontWeight: 400,
          lineHeight: 1.3,
        },
        body: { color: 'inherit' },
        footer: { borderBottom: 0, color: 'inherit', fontSize: 'inherit', fontWeight: 700 },
      },
    },
    MuiTooltip: {
      styleOverrides: {
        tooltip: {
          maxWidth: 320,
          padding: '8px 12px',
          border: '1px solid var(--rule)',
          background: 'var(--sheet)',
          color: 'var(--ink)',
          fontSize: 13,
          fontWeight: 400,
        },
      },
    },
    MuiSnackbarContent: {
      styleOverrides: {
        root: { background: 'var(--ink)', color: 'var(--paper)', border: '1px solid var(--rule)' },
      },
    },
    MuiSwitch: {
      defaultProps: { size: 'small' },
      styleOverrides: {
        root: {
          width: 36,
          height: 24,
          padding: 5,
          '& .MuiSwitch-switchBase': { padding: 8, color: 'var(--soft)' },
          '& .MuiSwitch-switchBase.Mui-checked': { color: 'var(--sheet)', transform: 'translateX(12px)' },
          '& .MuiSwitch-switchBase.Mui-focusVisible': { ...FOCUS, outlineOffset: -2 },
          '& .MuiSwitch-thumb': { width: 8, height: 8, borderRadius: 1, boxShadow: 'none' },
          '& .MuiSwitch-track': {
            boxSizing: 'border-box',
            borderRadius: 2,
            border: '1px solid var(--rule)',
            backgroundColor: 'var(--sheet)',
            opacity: 1,
          },
          '& .MuiSwitch-switchBase.Mui-checked + .MuiSwitch-track': {
            backgroundColor: 'var(--store)',
            opacity: 1,
          },
          // without colours on and off stay apart
          '@media (forced-colors: active)': {
            '& .MuiSwitch-thumb': { backgroundColor: 'ButtonText' },
            '& .Mui-checked + .MuiSwitch-track': { backgroundColor: 'Highlight' },
          },
        },
      },
    },
    MuiAccordion: {
      defaultProps: { disableGutters: true },
      styleOverrides: {
        root: {
          background: 'none',
          borderTop: '1px solid var(--hairline)',
          '&::before': { display: 'none' },
        },
      },
    },
    MuiAccordionSummary: {
      styleOverrides: { root: { minHeight: 36, padding: 0 }, content: { margin: '6px 0' } },
    },
    MuiAccordionDetails: { styleOverrides: { root: { padding: '0 0 10px' } } },
    MuiBottomNavigation: { styleOverrides: { root: { height: 58, background: 'var(--sheet)' } } },
    MuiBottomNavigationAction: {
      styleOverrides: {
        root: {
          minWidth: 0,
          padding: '6px 2px',
          color: 'var(--soft)',
          '&.Mui-selected': { color: 'var(--ink)', fontWeight: 700 },
        },
        label: { fontSize: 12, '&.Mui-selected': { fontSize: 12 } },
      },
    },
    MuiListItemButton: {
      styleOverrides: {
        root: {
          padding: '4px 10px',
          '&.Mui-selected': { background: 'var(--paper)', boxShadow: 'inset 3px 0 0 var(--store)' },
        },
      },
    },
    MuiMenuItem: { styleOverrides: { root: { fontSize: 14, minHeight: 36 } } },
  },
})

/** What controls derive from a token is mixed where the token is known. */
const mixed = (color: string, other: string, share: number | string) =>
  `color-mix(in srgb, ${color}, ${other} calc((${share}) * 100%))`

Object.assign(theme, {
  alpha: (color: string, share: number | string) =>
    `color-mix(in srgb, ${color} calc((${share}) * 100%), transparent)`,
  lighten: (color: string, share: number | string) => mixed(color, 'var(--sheet)', share),
  darken: (color: string, share: number | string) => mixed(color, 'var(--ink)', share),
})
theme.palette.getContrastText = () => 'var(--paper)'

export { theme }
