import Box from '@mui/material/Box'
import { color } from '../../base/theme'

/** How often each cause occurred, the most frequent first: a bar, its name and its count in one line each. */
export function CauseBars({ causes }: { causes: { name: string; count: number }[] }) {
  const most = Math.max(...causes.map((one) => one.count), 1)
  return (
    <Box component="ol" sx={{ listStyle: 'none', m: 0, p: 0, maxWidth: 620 }}>
      {causes.map((one) => (
        <Box
          component="li"
          key={one.name}
          sx={{ display: 'grid', gridTemplateColumns: '170px minmax(0, 1fr)', gap: 1, alignItems: 'center', py: 0.4 }}
        >
          <span>{one.name}</span>
          <Box sx={{ display: 'flex', gap: 1, alignItems: 'center' }}>
            <Box aria-hidden sx={{ height: 14, width: `${(one.count / most) * 82}%`, background: color.petrolSoft }} />
            <strong>{one.count}</strong>
          </Box>
        </Box>
      ))}
    </Box>
  )
}
