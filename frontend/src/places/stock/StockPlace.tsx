import Box from '@mui/material/Box'
import { NavLink, Outlet } from 'react-router'

const PAGES = [
  { to: '/stock', word: 'On the shelf' },
  { to: '/stock/orders', word: 'Orders and receiving' },
  { to: '/stock/catalogue', word: 'Catalogue' },
]

/** Tires not on a vehicle, what is ordered, and the models they are of. */
export function StockPlace() {
  return (
    <>
      <Box
        component="nav"
        aria-label="Stock pages"
        sx={{ display: 'flex', px: { xs: 0.5, md: 1.5 }, borderBottom: 1, borderColor: 'divider', flexWrap: 'wrap' }}
      >
        {PAGES.map((page) => (
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
