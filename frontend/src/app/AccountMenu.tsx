import Button from '@mui/material/Button'
import Menu from '@mui/material/Menu'
import { useState } from 'react'
import { OwnPassword } from '../session/OwnPassword'
import { type Person, useMe } from '../session/session'
import { useAccountItems } from './AccountItems'

/** The person signed in, their password, the pages kept out of the bar, and the way out. */
export function AccountMenu() {
  const me = useMe()
  return me ? <Menued me={me} /> : null
}

function Menued({ me }: { me: Person }) {
  const [at, setAt] = useState<HTMLElement | null>(null)
  const [changing, setChanging] = useState(false)
  const items = useAccountItems({ me, close: () => setAt(null), changePassword: () => setChanging(true) })
  return (
    <>
      <Button
        onClick={(event) => setAt(event.currentTarget)}
        aria-haspopup="menu"
        aria-expanded={at !== null}
        sx={{ color: '#fff', minHeight: 44, whiteSpace: 'nowrap', display: { xs: 'none', sm: 'inline-flex' } }}
      >
        {me.name}
        <span aria-hidden="true">&nbsp;▾</span>
      </Button>
      <Menu anchorEl={at} open={at !== null} onClose={() => setAt(null)}>
        {items}
      </Menu>
      {changing && <OwnPassword onClose={() => setChanging(false)} />}
    </>
  )
}
