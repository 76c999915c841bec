import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { Link } from 'react-router'
import { Title } from '../../ui/Title'

/** What to do first where no vehicle is on file. */
export function EmptyFleet() {
  return (
    <Box sx={{ p: 4, maxWidth: 620 }}>
      <Title>Fleet</Title>
      <Box component="h1" sx={{ typography: 'h1', m: 0, mb: 2 }}>
        No vehicles yet
      </Box>
      <p>Add vehicles with their axles, placards and tires.</p>
      <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', mb: 2 }}>
        <Button variant="contained" component={Link} to="/vehicles/new">
          Add the first vehicle
        </Button>
        <Button variant="outlined" component={Link} to="/import-export">
          Import vehicles from CSV
        </Button>
      </Box>
      <p>
        To see a fleet at work, stop the program and start it with <code>./rotagens demo</code>: it keeps its made-up
        fleet in a folder of its own and leaves this one as it is.
      </p>
    </Box>
  )
}
