import Box from '@mui/material/Box'
import type { ReactNode } from 'react'
import { FoldButton, usePhoneFold } from '../../ui/PhoneFold'

/** One part of a long form under its own heading; one that folds is opened by a tap on a phone. */
export function Part(props: { title: string; folds?: { wrong: boolean }; children: ReactNode }) {
  const fold = usePhoneFold(props.folds?.wrong)
  const folds = fold.phone && props.folds !== undefined
  return (
    <Box
      component="fieldset"
      sx={{ border: 0, borderTop: 1, borderColor: 'divider', m: 0, px: 0, py: folds && !fold.open ? 0.5 : 2 }}
    >
      <Box component="legend" sx={{ typography: 'h3', float: 'left', width: '100%', p: 0, mb: folds ? 0 : 2.25 }}>
        {folds ? <FoldButton fold={fold} title={props.title} /> : props.title}
      </Box>
      <Box
        id={fold.id}
        sx={{
          clear: 'both',
          display: folds && !fold.open ? 'none' : 'flex',
          flexWrap: 'wrap',
          gap: 1.75,
          pt: folds ? 1 : 0,
        }}
      >
        {props.children}
      </Box>
    </Box>
  )
}
