import { createTheme } from '@mui/material/styles'

/** Chalk, ink, rubber and petrol; the five states are in drawings/state. */
export const colour = {
  chalk: '#F4F2EC',
  sheet: '#FFFFFF',
  ink: '#1B2126',
  quiet: '#565B60',
  rubber: '#2A2E31',
  groove: '#14171A',
  tread: '#DAD5C9',
  beam: '#8F8979',
  frame: '#B9B3A3',
  hairline: '#D8D3C7',
  petrol: '#0B6470',
  amber: '#F0B93A',
}

export const mono = "'JetBrains Mono Variable', monospace"

export const theme = createTheme({
  palette: {
    primary: { main: colour.petrol },
    error: { main: '#A8261B' },
    text: { primary: colour.ink, secondary: colour.quiet },
    background: { default: colour.chalk, paper: colour.sheet },
    divider: colour.hairline,
  },
  shape: { borderRadius: 4 },
  typography: {
    fontFamily: "'Archivo Variable', system-ui, sans-serif",
    fontSize: 13.5,
    body1: { fontSize: 13.5, lineHeight: 1.45 },
    button: { textTransform: 'none', fontWeight: 650 },
    h1: { fontSize: 26, fontWeight: 750, fontStretch: '115%', lineHeight: 1.15 },
    h2: { fontSize: 13, fontWeight: 700, letterSpacing: '0.01em', color: colour.quiet },
    h3: { fontSize: 15, fontWeight: 700 },
  },
  transitions: {
    duration: { enteringScreen: 140, leavingScreen: 100, standard: 140, short: 120, shorter: 100, shortest: 80 },
  },
  components: {
    MuiCssBaseline: {
      styleOverrides: {
        body: { fontVariantNumeric: 'tabular-nums' },
        '@media (prefers-reduced-motion: reduce)': {
          '*, *::before, *::after': { animationDuration: '0s !important', transitionDuration: '0s !important' },
        },
        '@media print': {
          '.not-printed': { display: 'none !important' },
          body: { background: '#fff !important' },
        },
        a: { color: colour.petrol },
        ':focus-visible': { outline: `2px solid ${colour.petrol}`, outlineOffset: 2 },
      },
    },
    MuiButtonBase: { defaultProps: { disableRipple: true } },
    MuiButton: { defaultProps: { disableElevation: true } },
    MuiToggleButton: {
      styleOverrides: {
        root: {
          color: colour.ink,
          borderColor: '#B9B3A3',
          '&.Mui-selected, &.Mui-selected:hover': { background: colour.ink, color: '#fff' },
        },
      },
    },
    MuiTextField: { defaultProps: { size: 'small' } },
    MuiPaper: { styleOverrides: { root: { backgroundImage: 'none' } } },
  },
})
