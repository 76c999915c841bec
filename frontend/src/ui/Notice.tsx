import Button from '@mui/material/Button'
import Snackbar from '@mui/material/Snackbar'
import { useQueryClient } from '@tanstack/react-query'
import { createContext, type ReactNode, useCallback, useContext, useState } from 'react'
import { ProblemError } from '../api/client'
import { color } from '../base/theme'
import { say } from './words'

interface Notice {
  text: string
  /** Takes it back, and says what is so again. */
  undo?: (() => Promise<string>) | undefined
}

const Notify = createContext<(notice: Notice) => void>(() => {})

/** Says what was done, with a way back where there is one. */
export const useNotice = () => useContext(Notify)

export function NoticeProvider({ children }: { children: ReactNode }) {
  const [notice, setNotice] = useState<Notice | null>(null)
  const queries = useQueryClient()
  const undo = async (takeBack: () => Promise<string>) => {
    setNotice(null)
    try {
      const said = await takeBack()
      setNotice({ text: said })
    } catch (error) {
      setNotice({ text: error instanceof ProblemError ? error.message : say('itCouldNotBeUndone') })
    }
    await queries.invalidateQueries()
  }
  const show = useCallback((next: Notice) => setNotice(next), [])
  return (
    <Notify value={show}>
      {children}
      <Snackbar
        open={notice !== null}
        autoHideDuration={8000}
        onClose={(_, why) => why !== 'clickaway' && setNotice(null)}
        sx={{ bottom: { xs: 72, sm: 24 } }}
        message={notice?.text}
        action={
          notice?.undo && (
            <Button size="small" sx={{ color: color.barLink }} onClick={() => notice.undo && void undo(notice.undo)}>
              {say('undo')}
            </Button>
          )
        }
      />
    </Notify>
  )
}
