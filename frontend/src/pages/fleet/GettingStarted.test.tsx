import { screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { act } from 'react'
import { beforeEach, describe, expect, it } from 'vitest'
import { noteStep } from '../../session/gettingStarted'
import { fakeServer } from '../../test/server'
import { show } from '../../test/show'
import { GettingStarted } from './GettingStarted'

beforeEach(() => {
  localStorage.clear()
  fakeServer(() => ({ body: {} }))
})

describe('first steps', () => {
  it('name the next thing to do, and go on once the server has answered to it', () => {
    show(<GettingStarted />)
    expect(screen.getByRole('region', { name: 'Getting started' })).toHaveTextContent('0 of 6')
    expect(screen.getByRole('link')).toHaveTextContent('must not operate')
    act(() => noteStep('GET', '/api/vehicles/3'))
    expect(screen.getByRole('link')).toHaveTextContent('Press /')
    act(() => noteStep('POST', '/api/walk-arounds/12/finish'))
    act(() => noteStep('POST', '/api/jobs/12/sheet/completion'))
    act(() => noteStep('POST', '/api/jobs'))
    act(() => noteStep('GET', '/api/fleet'))
    expect(screen.getByRole('region', { name: 'Getting started' })).toHaveTextContent('4 of 6')
  })

  it('ask nobody for what their role may not do', () => {
    show(<GettingStarted />, '/', { id: 9, name: 'Lio Marsh', role: 'VIEWER', active: true, units: 'US' })
    expect(screen.getByRole('region', { name: 'Getting started' })).toHaveTextContent('0 of 3')
  })

  it('can be seen all at once, and put away for good', async () => {
    const shown = show(<GettingStarted />)
    await userEvent.click(screen.getByRole('button', { name: 'All steps' }))
    expect(screen.getAllByRole('listitem')).toHaveLength(6)
    await userEvent.click(screen.getByRole('button', { name: 'Dismiss' }))
    expect(screen.queryByRole('region')).not.toBeInTheDocument()
    shown.unmount()
    show(<GettingStarted />)
    expect(screen.queryByRole('region')).not.toBeInTheDocument()
  })
})
