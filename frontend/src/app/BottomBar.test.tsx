import { screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { beforeEach, describe, expect, it } from 'vitest'
import { fakeServer } from '../test/server'
import { show } from '../test/show'
import { BottomBar } from './BottomBar'

beforeEach(() => localStorage.clear())

describe('the bar of a phone', () => {
  it('leads to the person’s own yard, and to everything else under More', async () => {
    fakeServer(() => ({ body: [] }))
    localStorage.setItem('rotagens.yard', 'North gate')
    show(<BottomBar />, '/today')
    expect(screen.getByRole('link', { name: 'Yard' })).toHaveAttribute('href', '/fleet?yard=North%20gate')
    await userEvent.click(screen.getByRole('button', { name: 'More' }))
    for (const place of ['Fleet', 'Shop', 'Outlook', 'Stock', 'Reference', 'Questions', 'People', 'Sign out']) {
      expect(screen.getByRole('menuitem', { name: place })).toBeVisible()
    }
    expect(screen.getByRole('button', { name: 'kPa · mm' })).toBeVisible()
  })

  it.each(['/vehicles/3/walk-around/5', '/vehicles/3/check-and-adjust', '/jobs/4/sheet', '/jobs/4/visit'])(
    'leaves the bottom of %s to the button of the work itself',
    (path) => {
      fakeServer(() => ({ body: [] }))
      show(<BottomBar />, path)
      expect(screen.queryByRole('navigation', { name: 'Main' })).toBeNull()
    },
  )
})
