import Button from '@mui/material/Button'
import Dialog from '@mui/material/Dialog'
import DialogActions from '@mui/material/DialogActions'
import DialogContent from '@mui/material/DialogContent'
import DialogTitle from '@mui/material/DialogTitle'
import { useEffect, useState } from 'react'
import { isTyping } from '../base/isTyping'
import { Table } from '../ui/Table'

const KEYS: readonly (readonly [string, string, string])[] = [
  ['/ or Ctrl K', 'everywhere', 'go to a vehicle, position, tire, person or page'],
  ['?', 'everywhere', 'this list'],
  ['Tab, Enter', 'everywhere', 'to the next entry or button; press it'],
  ['Escape', 'everywhere', 'close a dialog or menu; what was typed stays'],
  ['Enter', 'walk-around', 'to the next reading, and after the last one to the next position'],
  ['Enter', 'check and adjust', 'to the next reading'],
  ['Enter or Space', 'drawings', 'pick the position or field that has the frame'],
  ['Enter, then Enter', 'rotation', 'pick a tire, then its place'],
  ['Escape', 'rotation', 'put the tire down again'],
  ['Enter', 'shop calendar', 'open a job to move it by day, hour and bay'],
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
      <DialogTitle id="keys-title">Keys</DialogTitle>
      <DialogContent dividers>
        <Table label="Keys" heads={['Key', 'Where', 'What it does']}>
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
        <Button onClick={onClose}>Close</Button>
      </DialogActions>
    </Dialog>
  )
}
