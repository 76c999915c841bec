import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { Link } from 'react-router'
import { Title } from '../../ui/Title'
import { say, sayAround } from './words'

/** What to do first where no vehicle is on file. */
export function EmptyFleet() {
  return (
    <Box sx={{ p: 4, maxWidth: 620 }}>
      <Title>{say('fleet')}</Title>
      <Box component="h1" sx={{ typography: 'h1', m: 0, mb: 2 }}>
        {say('noVehiclesYet')}
      </Box>
      <p>{say('addVehiclesWithTheirAxles')}</p>
      <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', mb: 2 }}>
        <Button variant="contained" component={Link} to="/vehicles/new">
          {say('addTheFirstVehicle')}
        </Button>
        <Button variant="outlined" component={Link} to="/import-export">
          {say('importVehiclesFromCsv')}
        </Button>
      </Box>
      <p>{sayAround('toSeeAFleetAtWork', {}, { typed: (inner) => <code>{inner}</code> })}</p>
    </Box>
  )
}
