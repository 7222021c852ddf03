'use client'
import { createTheme } from '@mui/material/styles'

/** MUI under the house's palette: hairlines, no shadows, no capitals, figures that line up. */
export const theme = createTheme({
  cssVariables: { colorSchemeSelector: 'data-theme' },
  colorSchemes: {
    light: {
      palette: {
        primary: { main: '#0e5a62' },
        error: { main: '#9e4127' },
        text: { primary: '#1b2a2f', secondary: '#56626a' },
        background: { default: '#f3efe6', paper: '#fbf9f4' },
        divider: '#d5cdbd',
      },
    },
    dark: {
      palette: {
        primary: { main: '#4fa3a6' },
        error: { main: '#d2734f' },
        text: { primary: '#e2d3ba', secondary: '#a39580' },
        background: { default: '#000', paper: '#070605' },
        divider: '#2b261f',
      },
    },
  },
  typography: { fontFamily: "'Atkinson Hyperlegible Next Variable', sans-serif", fontSize: 14 },
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
        },
      },
    },
    MuiButtonBase: { defaultProps: { disableRipple: true } },
    MuiButton: {
      defaultProps: { disableElevation: true, variant: 'outlined', color: 'inherit', size: 'small' },
      styleOverrides: {
        root: { textTransform: 'none', borderColor: 'var(--rule)', fontWeight: 600 },
        text: {
          minWidth: 0,
          padding: '1px 2px',
          color: 'var(--soft)',
          fontWeight: 400,
          fontSize: 13,
          textDecoration: 'underline',
          textUnderlineOffset: 3,
        },
      },
    },
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
          '&.Mui-focusVisible': { outline: '2px solid var(--focus)' },
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
          padding: '2px 4px',
          font: 'inherit',
          fontVariantNumeric: 'tabular-nums',
          lineHeight: 1.4,
          '& option': { background: 'var(--sheet)' },
        },
        multiline: { padding: '2px 4px' },
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
          '&.Mui-focusVisible': { outline: '2px solid var(--focus)' },
        },
      },
    },
    MuiFormControlLabel: {
      styleOverrides: { root: { marginRight: 0 }, label: { fontSize: 'inherit', lineHeight: 1.35 } },
    },
    MuiRadio: {
      styleOverrides: {
        root: {
          padding: 4,
          marginLeft: 4,
          color: 'var(--rule)',
          '&.Mui-checked': { color: 'var(--store)' },
          '&.Mui-focusVisible': { outline: '2px solid var(--focus)' },
        },
      },
    },
    MuiMenuItem: { styleOverrides: { root: { fontSize: 14, minHeight: 36 } } },
  },
})
