import Box from '@mui/material/Box'
import { NavLink, Outlet } from 'react-router'

/** The pages of one place, and the chosen one below. */
export function AreaNav({ label, pages }: { label: string; pages: { to: string; word: string }[] }) {
  return (
    <>
      <Box
        component="nav"
        aria-label={label}
        className="not-printed"
        sx={{ display: 'flex', px: { xs: 0.5, md: 1.5 }, borderBottom: 1, borderColor: 'divider', flexWrap: 'wrap' }}
      >
        {pages.map((page) => (
          <Box
            key={page.to}
            component={NavLink}
            to={page.to}
            end
            sx={{
              px: 1.25,
              py: 1.4,
              color: 'text.primary',
              textDecoration: 'none',
              borderBottom: '2px solid transparent',
              '&.active': { color: 'primary.main', fontWeight: 700, borderColor: 'primary.main' },
            }}
          >
            {page.word}
          </Box>
        ))}
      </Box>
      <Outlet />
    </>
  )
}
