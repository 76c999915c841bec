import MenuItem from '@mui/material/MenuItem'
import TextField from '@mui/material/TextField'
import { useQuery } from '@tanstack/react-query'
import { peopleQuery } from '../api/queries'
import { usePerson } from '../app/settings'

/** Who does this. Remembered on this device for the next time. */
export function PersonField({ label, error, dark }: { label: string; error?: string | undefined; dark?: boolean }) {
  const [person, setPerson] = usePerson()
  const people = useQuery(peopleQuery)
  const known = people.data?.some((one) => one.id === person)
  return (
    <TextField
      select
      label={label}
      value={known ? String(person) : ''}
      onChange={(event) => setPerson(Number(event.target.value))}
      error={error !== undefined}
      helperText={error}
      sx={{
        minWidth: 170,
        ...(dark && {
          '& .MuiInputBase-root': { color: '#fff' },
          '& .MuiInputLabel-root, & .MuiSvgIcon-root': { color: '#C9CDD0' },
          '& .MuiInputLabel-root.Mui-focused': { color: '#fff' },
          '& .MuiOutlinedInput-notchedOutline': { borderColor: '#596168' },
        }),
      }}
    >
      {(people.data ?? []).map((one) => (
        <MenuItem key={one.id} value={String(one.id)}>
          {one.name}, {one.role}
        </MenuItem>
      ))}
    </TextField>
  )
}
