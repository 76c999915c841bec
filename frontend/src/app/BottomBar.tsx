import Box from '@mui/material/Box'
import Drawer from '@mui/material/Drawer'
import MenuItem from '@mui/material/MenuItem'
import MenuList from '@mui/material/MenuList'
import { useState } from 'react'
import { Link, NavLink, useLocation } from 'react-router'
import { useYard } from '../base/settings'
import { color } from '../base/theme'
import { OwnPassword } from '../session/OwnPassword'
import { type Person, useMe } from '../session/session'
import { useAccountItems } from './AccountItems'
import { isTask, PLACES } from './places'
import { UnitsChoice } from './UnitsChoice'
import { say } from './words'

/** Height of the bar on a phone; what sticks to the bottom of the window stands above it. */
export const BAR_PX = 56

/** The places on the bar: what each is called, where it leads from the yard chosen, and what is drawn over it. */
const TABS: { word: string; to: (yard: string) => string; path: string }[] = [
  { word: say('today'), to: () => '/today', path: 'M4 5h12v11H4z M4 8.5h12 M7.5 3v3 M12.5 3v3' },
  {
    word: say('yard'),
    to: (yard) => (yard ? `/fleet?yard=${encodeURIComponent(yard)}` : '/fleet'),
    path: 'M3 6h2v4H3z M15 6h2v4h-2z M3 13h2v4H3z M15 13h2v4h-2z M5 8h10 M5 15h10 M10 3v14',
  },
  {
    word: say('scan'),
    to: () => '/scan',
    path: 'M3 7V3h4 M13 3h4v4 M17 13v4h-4 M7 17H3v-4 M7 7h2v2H7z M11 11h2v2h-2z M11 7h2 M7 12h1',
  },
  { word: say('offline'), to: () => '/offline', path: 'M10 3v9 M6.5 8.5L10 12l3.5-3.5 M4 16h12' },
]

/** A phone's way round: the day, the yard, the camera for a label, what is on the device, and all the rest. */
export function BottomBar() {
  const me = useMe()
  const { pathname } = useLocation()
  const [yard] = useYard()
  const [more, setMore] = useState(false)
  if (!me || isTask(pathname)) return null
  return (
    <>
      <Box
        component="nav"
        aria-label={say('main')}
        className="not-printed"
        sx={{
          display: { xs: 'flex', sm: 'none' },
          position: 'sticky',
          bottom: 0,
          zIndex: 1100,
          height: BAR_PX,
          background: color.bar,
          '& > *': {
            flex: 1,
            minWidth: 0,
            display: 'flex',
            flexDirection: 'column',
            alignItems: 'center',
            justifyContent: 'center',
            gap: '2px',
            font: 'inherit',
            fontSize: 12,
            color: color.barQuiet,
            textDecoration: 'none',
            background: 'none',
            border: 0,
            borderTop: '3px solid transparent',
            cursor: 'pointer',
          },
          '& > .active': { color: '#fff', borderTopColor: color.amber, fontWeight: 650 },
        }}
      >
        {TABS.map((tab) => (
          <NavLink key={tab.word} to={tab.to(yard)}>
            <Glyph path={tab.path} />
            {tab.word}
          </NavLink>
        ))}
        <button type="button" aria-haspopup="menu" aria-expanded={more} onClick={() => setMore(true)}>
          <Glyph path="M4 6h12 M4 10h12 M4 14h12" />
          {say('more')}
        </button>
      </Box>
      <More me={me} open={more} close={() => setMore(false)} />
    </>
  )
}

function Glyph({ path }: { path: string }) {
  return (
    <svg
      width="20"
      height="20"
      viewBox="0 0 20 20"
      fill="none"
      stroke="currentColor"
      strokeWidth="1.6"
      aria-hidden="true"
      style={{ fill: 'none' }}
    >
      <path d={path} />
    </svg>
  )
}

function More({ me, open, close }: { me: Person; open: boolean; close: () => void }) {
  const [changing, setChanging] = useState(false)
  const items = useAccountItems({ me, close, changePassword: () => setChanging(true) })
  return (
    <>
      <Drawer anchor="bottom" open={open} onClose={close}>
        <Box sx={{ p: 1.5, display: 'flex' }}>
          <UnitsChoice />
        </Box>
        <MenuList autoFocusItem={open} sx={{ '& .MuiMenuItem-root': { minHeight: 48 } }}>
          {PLACES.slice(1).map((place) => (
            <MenuItem key={place.to} component={Link} to={place.to} onClick={close}>
              {place.word}
            </MenuItem>
          ))}
          <MenuItem component={Link} to="/questions" onClick={close}>
            {say('questions')}
          </MenuItem>
          {items}
        </MenuList>
      </Drawer>
      {changing && <OwnPassword onClose={() => setChanging(false)} />}
    </>
  )
}
