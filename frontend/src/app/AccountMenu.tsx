import Button from '@mui/material/Button'
import Divider from '@mui/material/Divider'
import Menu from '@mui/material/Menu'
import MenuItem from '@mui/material/MenuItem'
import { useColorScheme } from '@mui/material/styles'
import { useState } from 'react'
import { Link } from 'react-router'
import { answerOf, api } from '../api/client'
import { uploadQueue } from '../offline/uploadQueue'
import { useSteps } from '../session/gettingStarted'
import { OwnPassword } from '../session/OwnPassword'
import { ROLE_WORDS, useMe } from '../session/session'
import { showKeys } from './Keys'

const COLOURS = [
  ['system', 'Light or dark as the device is'],
  ['light', 'Light'],
  ['dark', 'Dark, for the yard at night'],
] as const

/** The person signed in, their password, the pages kept out of the bar, and the way out. */
export function AccountMenu() {
  const { mode, setMode } = useColorScheme()
  const steps = useSteps()
  const me = useMe()
  const [at, setAt] = useState<HTMLElement | null>(null)
  const [changing, setChanging] = useState(false)
  const close = () => setAt(null)
  if (!me) return null
  const signOut = async () => {
    await answerOf(api.DELETE('/api/session'))
    // What the browser kept for out of reach is this person's.
    if ('caches' in globalThis) await caches.delete('answers')
    await uploadQueue.signedOut()
    globalThis.location.assign('/')
  }
  return (
    <>
      <Button
        onClick={(event) => setAt(event.currentTarget)}
        aria-haspopup="menu"
        aria-expanded={at !== null}
        sx={{ color: '#fff', minHeight: 44, whiteSpace: 'nowrap', order: { xs: 1, sm: 0 }, ml: { xs: 'auto', sm: 0 } }}
      >
        {me.name}
        <span aria-hidden="true">&nbsp;▾</span>
      </Button>
      <Menu anchorEl={at} open={at !== null} onClose={close}>
        <MenuItem disabled sx={{ opacity: '1 !important', color: 'text.secondary' }}>
          {me.name}, {ROLE_WORDS[me.role]}
        </MenuItem>
        <Divider />
        <MenuItem component={Link} to="/people" onClick={close}>
          People
        </MenuItem>
        <MenuItem component={Link} to="/offline" onClick={close}>
          Offline
        </MenuItem>
        <MenuItem component={Link} to="/import-export" onClick={close}>
          Import and export
        </MenuItem>
        <MenuItem component={Link} to="/labels" onClick={close}>
          Labels
        </MenuItem>
        <MenuItem
          onClick={() => {
            close()
            setChanging(true)
          }}
        >
          Change your password…
        </MenuItem>
        <MenuItem
          onClick={() => {
            close()
            showKeys()
          }}
        >
          Keys
        </MenuItem>
        {steps.away && (
          <MenuItem
            component={Link}
            to="/"
            onClick={() => {
              close()
              steps.bringBack()
            }}
          >
            Getting started
          </MenuItem>
        )}
        <Divider />
        {COLOURS.map(([choice, words]) => (
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
        ))}
        <Divider />
        <MenuItem onClick={() => void signOut()}>Sign out</MenuItem>
      </Menu>
      {changing && <OwnPassword onClose={() => setChanging(false)} />}
    </>
  )
}
