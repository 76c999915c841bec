import { createBrowserRouter } from 'react-router'
import { Failed, NotHere } from '../ui/Failed'
import { LoadingLines } from '../ui/Loading'
import { Shell } from './Shell'

export const router = createBrowserRouter([
  {
    Component: Shell,
    ErrorBoundary: Failed,
    HydrateFallback: LoadingLines,
    children: [
      { index: true, lazy: async () => ({ Component: (await import('../places/yard/Yard')).Yard }) },
      { path: 'shop', lazy: async () => ({ Component: (await import('../places/shop/Shop')).Shop }) },
      {
        path: 'vehicles/:id',
        lazy: async () => ({ Component: (await import('../vehicle/VehiclePage')).VehiclePage }),
        children: [
          { index: true, lazy: async () => ({ Component: (await import('../vehicle/overview/Overview')).Overview }) },
          {
            path: 'jobs',
            lazy: async () => ({ Component: (await import('../vehicle/jobs/VehicleJobs')).VehicleJobs }),
          },
          { path: 'ledger', lazy: async () => ({ Component: (await import('../vehicle/ledger/Ledger')).Ledger }) },
        ],
      },
      {
        path: 'vehicles/:vehicleId/walk-round/:id',
        lazy: async () => ({ Component: (await import('../vehicle/walk-round/WalkRound')).WalkRound }),
      },
      { path: '*', Component: NotHere },
    ],
  },
])
