import Divider from '@mui/material/Divider'
import MenuItem from '@mui/material/MenuItem'
import { useColorScheme } from '@mui/material/styles'
import { Link } from 'react-router'
import { answerOf, api } from '../api/client'
import { uploadQueue } from '../offline/uploadQueue'
import { useSteps } from '../session/gettingStarted'
import { type Person, ROLE_WORDS } from '../session/session'
import { showKeys } from './Keys'
import { say } from './words'

const COLOURS = [
  ['system', say('lightOrDark')],
  ['light', say('light')],
  ['dark', say('darkForTheYard')],
] as const

const PAGES = [
  ['/settings', say('settings')],
  ['/people', say('people')],
  ['/offline', say('offline')],
  ['/import-export', say('importAndExport')],
  ['/labels', say('labels')],
] as const

async function signOut() {
  await answerOf(api.DELETE('/api/session'))
  // What the browser kept for out of reach is this person's.
  if ('caches' in globalThis) await caches.delete('answers')
  await uploadQueue.signedOut()
  globalThis.location.assign('/')
}

/** What belongs to the person: the pages kept out of the bar, password, keys, light or dark, and the way out. */
export function useAccountItems(props: { me: Person; close: () => void; changePassword: () => void }) {
  const { me, close } = props
  const { mode, setMode } = useColorScheme()
  const steps = useSteps()
  return [
    <MenuItem key="me" disabled sx={{ opacity: '1 !important', color: 'text.secondary' }}>
      {me.name}, {ROLE_WORDS[me.role]}
    </MenuItem>,
    <Divider key="first" />,
    ...PAGES.map(([to, words]) => (
      <MenuItem key={to} component={Link} to={to} onClick={close}>
        {words}
      </MenuItem>
    )),
    <MenuItem
      key="password"
      onClick={() => {
        close()
        props.changePassword()
      }}
    >
      {say('changeYourPassword')}
    </MenuItem>,
    <MenuItem
      key="keys"
      onClick={() => {
        close()
        showKeys()
      }}
    >
      {say('keys')}
    </MenuItem>,
    steps.away && (
      <MenuItem
        key="steps"
        component={Link}
        to="/fleet"
        onClick={() => {
          close()
          steps.bringBack()
        }}
      >
        {say('gettingStarted')}
      </MenuItem>
    ),
    <Divider key="second" />,
    ...COLOURS.map(([choice, words]) => (
      <MenuItem
        key={choice}
        role="menuitemradio"
        aria-checked={mode === choice}
        selected={mode === choice}
        onClick={() => {
          close()
          setMode(choice)
        }}
      >
        {words}
      </MenuItem>
    )),
    <Divider key="third" />,
    <MenuItem key="out" onClick={() => void signOut()}>
      {say('signOut')}
    </MenuItem>,
  ]
}
