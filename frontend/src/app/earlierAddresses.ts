import { generatePath, type LoaderFunctionArgs, type RouteObject, redirect } from 'react-router'
import { pageOf } from '../pages/scan/label'

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

/** The short codes of labels; see `pageOf`. */
const label: RouteObject = {
  path: 's/:code',
  loader: ({ params }) => redirect(pageOf(params.code ?? '') ?? '/scan'),
}

export const earlierAddresses: RouteObject[] = [
  label,
  ...MOVED.map(([path, to]) => ({
    path,
    loader: ({ params, request }: LoaderFunctionArgs) =>
      redirect(generatePath(to, params) + new URL(request.url).search),
  })),
]
