import Box from '@mui/material/Box'
import LinearProgress from '@mui/material/LinearProgress'
import { Link, NavLink, Outlet, useNavigation } from 'react-router'
import { color } from '../base/theme'
import { UploadStatus } from '../offline/UploadStatus'
import { Gate } from '../session/Gate'
import { NoticeProvider } from '../ui/Notice'
import { AccountMenu } from './AccountMenu'
import { BottomBar } from './BottomBar'
import { ClockProblem } from './ClockProblem'
import { FleetEvents } from './FleetEvents'
import { Keys } from './Keys'
import { PLACES } from './places'
import { SearchField } from './SearchField'
import { UnitsChoice } from './UnitsChoice'
import { say } from './words'

/** The slim bar with places, jump field, units and person, and the place below it. */
export function Shell() {
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
            {say('skipToTheContent')}
          </Box>
          <Box
            component="header"
            className="not-printed"
            sx={{
              background: color.bar,
              color: '#fff',
              px: { xs: 1.5, md: 2.5 },
              minHeight: 52,
              display: 'flex',
              alignItems: 'center',
              gap: { xs: 1, md: 2.5 },
              flexWrap: { xs: 'nowrap', sm: 'wrap' },
            }}
          >
            <Box
              component={Link}
              to="/"
              aria-label={say('rotagensFirstPage')}
              sx={{
                display: 'flex',
                alignItems: 'center',
                gap: 1,
                color: '#fff',
                textDecoration: 'none',
                minHeight: 44,
                minWidth: { xs: 44, sm: 0 },
              }}
            >
              <img src="/mark.svg" width={26} height={26} alt="" />
              <Box
                component="span"
                sx={{ fontWeight: 750, fontStretch: '115%', fontSize: 16, display: { xs: 'none', sm: 'inline' } }}
              >
                {say('rotagens')}
              </Box>
            </Box>
            <Box
              component="nav"
              aria-label={say('places')}
              sx={{ display: { xs: 'none', sm: 'flex' }, alignSelf: 'stretch' }}
            >
              {PLACES.map((place) => (
                <Box
                  key={place.to}
                  component={NavLink}
                  to={place.to}
                  sx={{
                    color: color.barQuiet,
                    textDecoration: 'none',
                    px: { sm: 1, md: 1.5 },
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
            <SearchField />
            <UnitsChoice onBar />
            <AccountMenu />
          </Box>
          <UploadStatus />
          {navigation.state !== 'idle' && (
            <LinearProgress
              aria-label={say('pageIsComing')}
              sx={{ position: 'fixed', top: 0, left: 0, right: 0, zIndex: 2000, height: 2 }}
            />
          )}
          <ClockProblem />
          <Keys />
          <FleetEvents />
          <Box component="main" id="main" sx={{ flex: 1, display: 'flex', flexDirection: 'column', minWidth: 0 }}>
            <Outlet />
          </Box>
          <BottomBar />
        </Box>
      </Gate>
    </NoticeProvider>
  )
}
