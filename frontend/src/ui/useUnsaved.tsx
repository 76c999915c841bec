import Button from '@mui/material/Button'
import Dialog from '@mui/material/Dialog'
import DialogActions from '@mui/material/DialogActions'
import DialogTitle from '@mui/material/DialogTitle'
import { useEffect, useRef } from 'react'
import { useBlocker } from 'react-router'
import { say } from './words'

/** Asks before a page is left on which something was typed that is kept nowhere else. */
export function useUnsaved() {
  const touched = useRef(false)
  const blocker = useBlocker(
    ({ currentLocation, nextLocation }) => touched.current && currentLocation.pathname !== nextLocation.pathname,
  )
  useEffect(() => {
    const leaving = (event: BeforeUnloadEvent) => {
      if (touched.current) event.preventDefault()
    }
    window.addEventListener('beforeunload', leaving)
    return () => window.removeEventListener('beforeunload', leaving)
  }, [])
  return {
    /** @param still whether something typed is left to lose */
    touch: (still = true) => {
      touched.current = still
    },
    /** It is kept now: the page may be left. */
    saved: () => {
      touched.current = false
    },
    question: blocker.state === 'blocked' && (
      <Dialog open onClose={() => blocker.reset()} aria-labelledby="unsaved" maxWidth="xs" fullWidth>
        <DialogTitle id="unsaved">{say('discardWhatYouEntered')}</DialogTitle>
        <DialogActions>
          <Button onClick={() => blocker.proceed()}>{say('discard')}</Button>
          <Button variant="contained" autoFocus onClick={() => blocker.reset()}>
            {say('keepEditing')}
          </Button>
        </DialogActions>
      </Dialog>
    ),
  }
}
