import Box from '@mui/material/Box'

/** What to do first where no vehicle is on file. */
export function EmptyFleet() {
  return (
    <Box sx={{ p: 4, maxWidth: 620 }}>
      <Box component="h1" sx={{ typography: 'h1', m: 0, mb: 2 }}>
        No vehicle is on file yet
      </Box>
      <p>
        The yard shows every vehicle as a small axle plan, with what is due beside it. It needs vehicles with their
        axles, placards and tires first.
      </p>
      <p>
        To see a fleet at work, stop the program and start it with <code>./rotagens demo</code>: it keeps its made-up
        fleet in a folder of its own and leaves this one as it is.
      </p>
    </Box>
  )
}
