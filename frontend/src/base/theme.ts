import { createTheme } from '@mui/material/styles'

/** Chalk, ink, rubber and petrol by day. */
const day = {
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
  petrolSoft: '#3E7F88',
  onPetrol: '#FFFFFF',
  amber: '#F0B93A',
  /** The five states, and what belongs to them. */
  fit: '#2E6B4F',
  unknown: '#5F6367',
  watch: '#8F6300',
  plan: '#3F4FA0',
  stop: '#A8261B',
  stopTint: '#FBECEA',
  caution: '#7A4B00',
  waiting: '#FFF3D6',
  waitingEdge: '#D9B04C',
  /** What is picked or pointed at in a list. */
  picked: '#E4EFF0',
  pointed: '#ECE8DD',
}

/** The same by night, for a dark yard: light ink on dark sheets, rubber still darker than what is written on it. */
const night: typeof day = {
  chalk: '#15191C',
  sheet: '#1E2327',
  ink: '#E9E7E1',
  quiet: '#A9AEB2',
  rubber: '#4B5257',
  groove: '#0C0E10',
  tread: '#D5D0C4',
  beam: '#857F71',
  frame: '#5E5F5A',
  hairline: '#363C40',
  petrol: '#7CC6D0',
  petrolSoft: '#4E97A1',
  onPetrol: '#0D1A1D',
  amber: '#F0B93A',
  fit: '#7CC6A0',
  unknown: '#A4A9AD',
  watch: '#E2B04A',
  plan: '#A7B3F5',
  stop: '#FF8F82',
  stopTint: '#3A2320',
  caution: '#E8BD73',
  waiting: '#3A3019',
  waitingEdge: '#8A6D25',
  picked: '#243A3E',
  pointed: '#2A3035',
}

type Name = keyof typeof day

const names = Object.keys(day) as Name[]

const variables = (of: typeof day) => Object.fromEntries(names.map((name) => [`--${name}`, of[name]]))

/** Every colour by its name; which one that is, day or night, stands on the page's root. */
export const color = {
  ...(Object.fromEntries(names.map((name) => [name, `var(--${name})`])) as Record<Name, string>),
  /** The bar with the places is dark by day and by night. */
  bar: '#1B2126',
  onAmber: '#1B2126',
  barEdge: '#596168',
  barField: '#2C343A',
  barPicked: '#3B444B',
  barQuiet: '#C9CDD0',
  barLink: '#9BD3DB',
}

export const mono = "'JetBrains Mono Variable', monospace"

const palette = (of: typeof day) => ({
  primary: { main: of.petrol, contrastText: of.onPetrol },
  error: { main: of.stop },
  text: { primary: of.ink, secondary: of.quiet },
  background: { default: of.chalk, paper: of.sheet },
  divider: of.hairline,
})

/** Paper is white whatever the screen is. */
const onPaper = {
  ...variables(day),
  '--mui-palette-text-primary': day.ink,
  '--mui-palette-text-secondary': day.quiet,
  '--mui-palette-background-default': day.sheet,
  '--mui-palette-background-paper': day.sheet,
  '--mui-palette-divider': day.hairline,
  '--mui-palette-primary-main': day.petrol,
  '--mui-palette-error-main': day.stop,
}

export const theme = createTheme({
  cssVariables: { colorSchemeSelector: 'data-color-scheme' },
  colorSchemes: { light: { palette: palette(day) }, dark: { palette: palette(night) } },
  shape: { borderRadius: 4 },
  typography: {
    fontFamily: "'Archivo Variable', system-ui, sans-serif",
    fontSize: 13.5,
    body1: { fontSize: 13.5, lineHeight: 1.45 },
    button: { textTransform: 'none', fontWeight: 650 },
    h1: { fontSize: 26, fontWeight: 750, fontStretch: '115%', lineHeight: 1.15 },
    h2: { fontSize: 13, fontWeight: 700, letterSpacing: '0.01em', color: color.quiet },
    h3: { fontSize: 15, fontWeight: 700 },
  },
  transitions: {
    duration: { enteringScreen: 140, leavingScreen: 100, standard: 140, short: 120, shorter: 100, shortest: 80 },
  },
  components: {
    MuiCssBaseline: {
      styleOverrides: {
        ':root': variables(day),
        ':root[data-color-scheme="dark"]': { ...variables(night), colorScheme: 'dark' },
        body: { fontVariantNumeric: 'tabular-nums' },
        '@media (prefers-reduced-motion: reduce)': {
          '*, *::before, *::after': { animationDuration: '0s !important', transitionDuration: '0s !important' },
        },
        '@media print': {
          '.not-printed': { display: 'none !important' },
          ':root, :root[data-color-scheme]': { ...onPaper, colorScheme: 'light' },
          body: { background: '#fff !important' },
        },
        a: { color: color.petrol },
        // Words in a drawing without a colour of their own are ink, and so light by night.
        svg: { fill: 'currentColor' },
        'header :focus-visible, nav[aria-label="Main"] :focus-visible': { outlineColor: '#fff !important' },
        'label:has(> input[type="checkbox"]), label:has(> input[type="radio"])': {
          display: 'inline-flex',
          alignItems: 'center',
          gap: '4px',
          minHeight: '24px',
        },
        summary: { minHeight: '24px', lineHeight: '24px' },
        // A finger in a glove.
        '@media (max-width: 599px)': {
          '.MuiButton-root, .MuiToggleButton-root, .MuiIconButton-root, .MuiInputBase-root, .MuiTab-root, .MuiMenuItem-root, .MuiChip-clickable, summary':
            { minHeight: '44px' },
          '.MuiAutocomplete-root .MuiInputBase-root': { minHeight: '44px !important' },
          'label:has(input[type="checkbox"]), label:has(input[type="radio"])': { minHeight: '44px' },
        },
        ':focus-visible': { outline: `2px solid ${color.petrol}`, outlineOffset: 2 },
      },
    },
    MuiButtonBase: { defaultProps: { disableRipple: true } },
    MuiButton: { defaultProps: { disableElevation: true } },
    MuiToggleButton: {
      styleOverrides: {
        root: {
          color: color.ink,
          borderColor: color.frame,
          '&.Mui-selected, &.Mui-selected:hover': { background: color.ink, color: color.sheet },
        },
      },
    },
    MuiTextField: { defaultProps: { size: 'small' } },
    // A label stands above its field from the start: it never lies under a unit, and never moves.
    MuiInputLabel: {
      defaultProps: { shrink: true },
      styleOverrides: {
        outlined: {
          '&.MuiInputLabel-shrink': { transform: 'translate(14px, -9px) scale(0.9)', maxWidth: 'calc(111% - 32px)' },
        },
      },
    },
    MuiFormHelperText: { styleOverrides: { root: { fontSize: 12 } } },
    MuiOutlinedInput: {
      defaultProps: { notched: true },
      styleOverrides: { notchedOutline: { '& legend': { fontSize: '0.9em' } } },
    },
    MuiPaper: { styleOverrides: { root: { backgroundImage: 'none' } } },
  },
})
