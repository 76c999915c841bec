import Box from '@mui/material/Box'
import ButtonBase from '@mui/material/ButtonBase'
import { useTheme } from '@mui/material/styles'
import useMediaQuery from '@mui/material/useMediaQuery'
import { type ReactNode, useId, useState } from 'react'

/** Whether a part of a long page lies open: at a desk always, on a phone after a tap, or where something in it is wrong. */
export function usePhoneFold(wrong = false) {
  const theme = useTheme()
  const phone = useMediaQuery(theme.breakpoints.down('sm'))
  const [opened, setOpened] = useState(false)
  const id = useId()
  return { phone, id, open: !phone || opened || wrong, toggle: () => setOpened(!opened) }
}

/** The heading that opens and closes such a part on a phone. */
export function FoldButton(props: {
  fold: ReturnType<typeof usePhoneFold>
  title: string
  about?: string | undefined
}) {
  const { fold } = props
  return (
    <ButtonBase
      aria-expanded={fold.open}
      aria-controls={fold.id}
      onClick={fold.toggle}
      sx={{ font: 'inherit', width: '100%', minHeight: 48, justifyContent: 'flex-start', gap: 1 }}
    >
      {props.title}
      {props.about && (
        <Box component="span" sx={{ typography: 'body2', color: 'text.secondary' }}>
          {props.about}
        </Box>
      )}
      <Box component="span" aria-hidden sx={{ ml: 'auto', fontSize: 20 }}>
        {fold.open ? '–' : '+'}
      </Box>
    </ButtonBase>
  )
}

/** A part of a long page under its heading, folded on a phone. */
export function PhoneFold(props: { title: string; about?: string; wrong?: boolean; children: ReactNode }) {
  const fold = usePhoneFold(props.wrong)
  return (
    <Box component="section" aria-label={props.title} sx={fold.phone ? { borderTop: 1, borderColor: 'divider' } : {}}>
      <Box component="h2" sx={{ typography: 'h3', m: 0, mb: { xs: 0, sm: 1 } }}>
        {fold.phone ? <FoldButton fold={fold} title={props.title} about={props.about} /> : props.title}
      </Box>
      <Box id={fold.id} hidden={!fold.open}>
        {props.children}
      </Box>
    </Box>
  )
}
