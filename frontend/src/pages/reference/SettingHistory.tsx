import Box from '@mui/material/Box'
import type { Schemas } from '../../api/client'
import { day } from '../../units/format'

/** What counts now, and what once did. */
export function SettingHistory({
  settings,
  earlier,
}: {
  settings: Schemas['PolicySettingView'][]
  earlier: Schemas['PolicySettingView'][]
}) {
  return (
    <>
      {settings.length === 0 && (
        <Box component="span" sx={{ color: 'text.secondary' }}>
          nothing: the default counts
        </Box>
      )}
      {settings.map((setting) => (
        <div key={setting.scope}>
          <strong>{setting.value}</strong> for {setting.scope}: {setting.setBy}, {day(setting.at)}
          {setting.reason && `. ${setting.reason}`}
        </div>
      ))}
      {earlier.length > 0 && (
        <Box component="details" sx={{ color: 'text.secondary' }}>
          <summary>{earlier.length} earlier</summary>
          {earlier.map((setting) => (
            <div key={`${setting.scope} ${setting.at}`}>
              {setting.isCleared ? 'withdrawn' : setting.value} for {setting.scope}: {setting.setBy}, {day(setting.at)}
              {setting.reason && `. ${setting.reason}`}
            </div>
          ))}
        </Box>
      )}
    </>
  )
}
