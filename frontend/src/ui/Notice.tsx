import Button from '@mui/material/Button'
import Snackbar from '@mui/material/Snackbar'
import { createContext, type ReactNode, useCallback, useContext, useState } from 'react'
import { color } from '../base/theme'

interface Notice {
  text: string
  undo?: (() => void) | undefined
}

const Notify = createContext<(notice: Notice) => void>(() => {})

/** Says what was done, with a way back where there is one. */
export const useNotice = () => useContext(Notify)

export function NoticeProvider({ children }: { children: ReactNode }) {
  const [notice, setNotice] = useState<Notice | null>(null)
  const show = useCallback((next: Notice) => setNotice(next), [])
  return (
    <Notify value={show}>
      {children}
      <Snackbar
        open={notice !== null}
        autoHideDuration={8000}
        onClose={(_, why) => why !== 'clickaway' && setNotice(null)}
        message={notice?.text}
        action={
          notice?.undo && (
            <Button
              size="small"
              sx={{ color: color.barLink }}
              onClick={() => {
                notice.undo?.()
                setNotice(null)
              }}
            >
              Undo
            </Button>
          )
        }
      />
    </Notify>
  )
}
