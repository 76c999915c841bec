import Button from '@mui/material/Button'
import Dialog from '@mui/material/Dialog'
import DialogActions from '@mui/material/DialogActions'
import DialogContent from '@mui/material/DialogContent'
import DialogTitle from '@mui/material/DialogTitle'
import { useEffect, useState } from 'react'
import { isTyping } from '../base/isTyping'
import { Table } from '../ui/Table'
import { say } from './words'

const KEYS: readonly (readonly [string, string, string])[] = [
  ['/ or Ctrl K', 'everywhere', say('goToAVehiclePosition')],
  ['?', 'everywhere', say('thisList')],
  [say('tabEnter'), 'everywhere', say('toTheNextEntry')],
  ['Escape', 'everywhere', say('closeADialogOrMenu')],
  ['Enter', 'walk-around', say('toTheNextReading')],
  ['Enter', say('checkAndAdjust'), say('toTheNextReading2')],
  [say('enterOrSpace'), 'drawings', say('pickThePositionOrField')],
  [say('enterThenEnter'), 'rotation', say('pickATireThen')],
  ['Escape', 'rotation', say('putTheTireDownAgain')],
  ['Enter', say('shopCalendar'), say('openAJobToMove')],
]

const SHOW = 'rotagens-keys'

/** Opens the list of keys from anywhere. */
export const showKeys = () => globalThis.dispatchEvent(new Event(SHOW))

/** The keys, on `?` from anywhere and from the account menu. */
export function Keys() {
  const [open, setOpen] = useState(false)
  const onClose = () => setOpen(false)
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (event.key === '?' && !isTyping(event)) {
        event.preventDefault()
        setOpen(true)
      }
    }
    const onShow = () => setOpen(true)
    globalThis.addEventListener('keydown', onKey)
    globalThis.addEventListener(SHOW, onShow)
    return () => {
      globalThis.removeEventListener('keydown', onKey)
      globalThis.removeEventListener(SHOW, onShow)
    }
  }, [])
  return (
    <Dialog open={open} onClose={onClose} fullWidth maxWidth="sm" aria-labelledby="keys-title">
      <DialogTitle id="keys-title">{say('keys')}</DialogTitle>
      <DialogContent dividers>
        <Table label={say('keys')} heads={[say('key'), say('where'), say('whatItDoes')]}>
          {KEYS.map(([key, where, does]) => (
            <tr key={key + where}>
              <td>
                <kbd>{key}</kbd>
              </td>
              <td>{where}</td>
              <td>{does}</td>
            </tr>
          ))}
        </Table>
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>{say('close')}</Button>
      </DialogActions>
    </Dialog>
  )
}
