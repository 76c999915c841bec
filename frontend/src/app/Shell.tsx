import Box from '@mui/material/Box'
import LinearProgress from '@mui/material/LinearProgress'
import ToggleButton from '@mui/material/ToggleButton'
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup'
import { useQueryClient } from '@tanstack/react-query'
import { Link, NavLink, Outlet, useNavigation } from 'react-router'
import { answerOf, api, type Units } from '../api/client'
import { useUnits } from '../base/settings'
import { color } from '../base/theme'
import { UploadStatus } from '../offline/UploadStatus'
import { Gate } from '../session/Gate'
import { NoticeProvider } from '../ui/Notice'
import { AccountMenu } from './AccountMenu'
import { ClockProblem } from './ClockProblem'
import { Keys } from './Keys'
import { SearchField } from './SearchField'

const PLACES = [
  { to: '/', word: 'Fleet' },
  { to: '/shop', word: 'Shop' },
  { to: '/outlook', word: 'Outlook' },
  { to: '/stock', word: 'Stock' },
  { to: '/reference', word: 'Reference' },
]

/** The slim bar with places, jump field, units and person, and the place below it. */
export function Shell() {
  const [units, setUnits] = useUnits()
  const queries = useQueryClient()
  const choose = async (next: Units) => {
    setUnits(next)
    await answerOf(api.PUT('/api/session/units', { body: { units: next } }))
    await queries.invalidateQueries({ queryKey: ['session'] })
  }
  const navigation = useNavigation()
  return (
    <NoticeProvider>
      <Gate>
        <Box sx={{ minHeight: '100dvh', display: 'flex', flexDirection: 'column' }}>
          <Box
            component="a"
            href="#main"
            sx={{
              position: 'absolute',
              left: -9999,
              '&:focus': { left: 8, top: 8, zIndex: 2000, background: color.sheet, p: 1 },
            }}
          >
            Skip to the content
          </Box>
          <Box
            component="header"
            className="not-printed"
            sx={{
              background: color.bar,
              color: '#fff',
              px: { xs: 1.5, md: 2.5 },
              py: { xs: 1, md: 0 },
              minHeight: 52,
              display: 'flex',
              alignItems: 'center',
              gap: { xs: 1, md: 2.5 },
              flexWrap: 'wrap',
            }}
          >
            <Box
              component={Link}
              to="/"
              sx={{ display: 'flex', alignItems: 'center', gap: 1, color: '#fff', textDecoration: 'none' }}
            >
              <img src="/mark.svg" width={26} height={26} alt="" />
              <Box component="span" sx={{ fontWeight: 750, fontStretch: '115%', fontSize: 16 }}>
                Rotagens
              </Box>
            </Box>
            <Box
              component="nav"
              aria-label="Places"
              sx={{ display: 'flex', alignSelf: 'stretch', order: { xs: 2, sm: 0 }, width: { xs: '100%', sm: 'auto' } }}
            >
              {PLACES.map((place) => (
                <Box
                  key={place.to}
                  component={NavLink}
                  to={place.to}
                  end={place.to === '/'}
                  sx={{
                    color: color.barQuiet,
                    textDecoration: 'none',
                    px: 1.5,
                    minHeight: 44,
                    display: 'flex',
                    alignItems: 'center',
                    fontSize: 14.5,
                    borderBottom: '3px solid transparent',
                    '&.active': { color: '#fff', fontWeight: 650, borderBottomColor: color.amber },
                  }}
                >
                  {place.word}
                </Box>
              ))}
            </Box>
            <Box sx={{ flex: 1, display: { xs: 'none', sm: 'block' } }} />
            {/* On a phone: brand and person, then the places, then jump field and units. */}
            <SearchField />
            <ToggleButtonGroup
              exclusive
              size="small"
              value={units}
              onChange={(_, next: Units | null) => next && void choose(next)}
              aria-label="Units"
              sx={{
                order: { xs: 4, sm: 0 },
                '& .MuiToggleButton-root': {
                  color: color.barQuiet,
                  borderColor: color.barEdge,
                  py: 0.4,
                  fontSize: 12.5,
                },
                '& .Mui-selected': { color: '#fff !important', background: `${color.barPicked} !important` },
              }}
            >
              <ToggleButton value="US">psi · 1/32</ToggleButton>
              <ToggleButton value="METRIC">kPa · mm</ToggleButton>
            </ToggleButtonGroup>
            <AccountMenu />
          </Box>
          <UploadStatus />
          {navigation.state !== 'idle' && (
            <LinearProgress
              aria-label="The page is coming"
              sx={{ position: 'fixed', top: 0, left: 0, right: 0, zIndex: 2000, height: 2 }}
            />
          )}
          <ClockProblem />
          <Keys />
          <Box component="main" id="main" sx={{ flex: 1, display: 'flex', flexDirection: 'column', minWidth: 0 }}>
            <Outlet />
          </Box>
        </Box>
      </Gate>
    </NoticeProvider>
  )
}
