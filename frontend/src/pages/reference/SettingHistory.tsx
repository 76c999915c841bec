import Box from '@mui/material/Box'
import type { Schemas } from '../../api/client'
import { day } from '../../units/format'
import { say } from './words'

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
          {say('nothingTheDefaultCounts')}
        </Box>
      )}
      {settings.map((setting) => (
        <div key={setting.scope}>
          <strong>{setting.value}</strong>
          {say('for', { scope: setting.scope, setBy: setting.setBy, setting: day(setting.at) })}
          {setting.reason && `. ${setting.reason}`}
        </div>
      ))}
      {earlier.length > 0 && (
        <Box component="details" sx={{ color: 'text.secondary' }}>
          <summary>{say('earlier', { count: earlier.length })}</summary>
          {earlier.map((setting) => (
            <div key={`${setting.scope} ${setting.at}`}>
              {say('for2', {
                cleared: setting.isCleared ? 'withdrawn' : setting.value,
                scope: setting.scope,
                setBy: setting.setBy,
                setting: day(setting.at),
              })}
              {setting.reason && `. ${setting.reason}`}
            </div>
          ))}
        </Box>
      )}
    </>
  )
}
