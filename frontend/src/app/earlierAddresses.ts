import { generatePath, type RouteObject, redirect } from 'react-router'

/** Addresses that pages had before, in bookmarks and on screens left open: each leads to its page of today. */
const MOVED: [string, string][] = [
  ['along', '/offline'],
  ['tags', '/labels'],
  ['files', '/import-export'],
  ['stock/catalogue', '/stock/catalog'],
  ['reference/machines', '/reference/tire-changers'],
  ['outlook/month', '/outlook/monthly-report'],
  ['vehicles/:id/ledger', '/vehicles/:id/history'],
  ['vehicles/:id/report-card', '/vehicles/:id/driver-card'],
  ['vehicles/:id/adjust', '/vehicles/:id/check-and-adjust'],
  ['vehicles/:vehicleId/walk-round/:id', '/vehicles/:vehicleId/walk-around/:id'],
]

export const earlierAddresses: RouteObject[] = MOVED.map(([path, to]) => ({
  path,
  loader: ({ params, request }) => redirect(generatePath(to, params) + new URL(request.url).search),
}))
