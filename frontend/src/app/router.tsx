import { createBrowserRouter } from 'react-router'
import { Failed, NotHere } from '../ui/Failed'
import { LoadingLines } from '../ui/Loading'
import { Shell } from './Shell'

export const router = createBrowserRouter([
  {
    path: 'report/:code',
    ErrorBoundary: Failed,
    HydrateFallback: LoadingLines,
    lazy: async () => ({ Component: (await import('../places/report/DriverReport')).DriverReport }),
  },
  {
    Component: Shell,
    ErrorBoundary: Failed,
    HydrateFallback: LoadingLines,
    children: [
      { index: true, lazy: async () => ({ Component: (await import('../places/yard/Yard')).Yard }) },
      {
        path: 'questions',
        lazy: async () => ({ Component: (await import('../places/questions/Questions')).Questions }),
      },
      {
        path: 'shop',
        lazy: async () => ({ Component: (await import('../places/shop/ShopPlace')).ShopPlace }),
        children: [
          { index: true, lazy: async () => ({ Component: (await import('../places/shop/Shop')).Shop }) },
          {
            path: 'calendar',
            lazy: async () => ({ Component: (await import('../places/shop/ShopCalendar')).ShopCalendar }),
          },
          { path: 'setup', lazy: async () => ({ Component: (await import('../places/shop/ShopSetup')).ShopSetup }) },
        ],
      },
      {
        path: 'outlook',
        lazy: async () => ({ Component: (await import('../places/outlook/OutlookPlace')).OutlookPlace }),
        children: [
          { index: true, lazy: async () => ({ Component: (await import('../places/outlook/Outlook')).Outlook }) },
          { path: 'month', lazy: async () => ({ Component: (await import('../places/outlook/Month')).Month }) },
        ],
      },
      {
        path: 'stock',
        lazy: async () => ({ Component: (await import('../places/stock/StockPlace')).StockPlace }),
        children: [
          { index: true, lazy: async () => ({ Component: (await import('../places/stock/Stock')).Stock }) },
          { path: 'to-order', lazy: async () => ({ Component: (await import('../places/stock/ToOrder')).ToOrder }) },
          { path: 'orders', lazy: async () => ({ Component: (await import('../places/stock/Orders')).Orders }) },
          {
            path: 'catalogue',
            lazy: async () => ({ Component: (await import('../places/stock/Catalogue')).Catalogue }),
          },
        ],
      },
      { path: 'tires/:id', lazy: async () => ({ Component: (await import('../tire/TirePage')).TirePage }) },
      { path: 'jobs/:id/sheet', lazy: async () => ({ Component: (await import('../sheet/Sheet')).Sheet }) },
      { path: 'jobs/:id/visit', lazy: async () => ({ Component: (await import('../sheet/Visit')).Visit }) },
      { path: 'people', lazy: async () => ({ Component: (await import('../places/people/PeoplePage')).PeoplePage }) },
      { path: 'files', lazy: async () => ({ Component: (await import('../places/files/Files')).Files }) },
      { path: 'along', lazy: async () => ({ Component: (await import('../places/along/Along')).Along }) },
      { path: 'tags', lazy: async () => ({ Component: (await import('../places/tags/Tags')).Tags }) },
      {
        path: 'reference',
        lazy: async () => ({ Component: (await import('../places/reference/ReferencePlace')).ReferencePlace }),
        children: [
          {
            index: true,
            lazy: async () => ({ Component: (await import('../places/reference/Reference')).Reference }),
          },
          {
            path: 'patterns',
            lazy: async () => ({ Component: (await import('../places/reference/Patterns')).Patterns }),
          },
          {
            path: 'charts',
            lazy: async () => ({ Component: (await import('../places/reference/Charts')).Charts }),
          },
          {
            path: 'calculator',
            lazy: async () => ({ Component: (await import('../places/reference/Calculator')).Calculator }),
          },
          {
            path: 'gauges',
            lazy: async () => ({ Component: (await import('../places/reference/GaugesPage')).GaugesPage }),
          },
          {
            path: 'machines',
            lazy: async () => ({ Component: (await import('../places/reference/MachinesPage')).MachinesPage }),
          },
          {
            path: 'policy',
            lazy: async () => ({ Component: (await import('../places/reference/PolicyPage')).PolicyPage }),
          },
        ],
      },
      {
        path: 'vehicles/new',
        lazy: async () => ({ Component: (await import('../vehicle/form/VehicleEditor')).VehicleEditor }),
      },
      {
        path: 'vehicles/:id/edit',
        lazy: async () => ({ Component: (await import('../vehicle/form/VehicleEditor')).VehicleEditor }),
      },
      {
        path: 'vehicles/:id',
        lazy: async () => ({ Component: (await import('../vehicle/VehiclePage')).VehiclePage }),
        children: [
          { index: true, lazy: async () => ({ Component: (await import('../vehicle/overview/Overview')).Overview }) },
          {
            path: 'load-pressure',
            lazy: async () => ({
              Component: (await import('../vehicle/load-pressure/LoadPressure')).LoadPressure,
            }),
          },
          { path: 'wear', lazy: async () => ({ Component: (await import('../vehicle/wear/Wear')).Wear }) },
          {
            path: 'rotation',
            lazy: async () => ({ Component: (await import('../vehicle/rotation/Rotation')).Rotation }),
          },
          {
            path: 'sensors',
            lazy: async () => ({ Component: (await import('../vehicle/sensors/Sensors')).Sensors }),
          },
          {
            path: 'jobs',
            lazy: async () => ({ Component: (await import('../vehicle/jobs/VehicleJobs')).VehicleJobs }),
          },
          {
            path: 'dot-sheet',
            lazy: async () => ({ Component: (await import('../vehicle/dot-sheet/DotSheet')).DotSheet }),
          },
          { path: 'ledger', lazy: async () => ({ Component: (await import('../vehicle/ledger/Ledger')).Ledger }) },
        ],
      },
      {
        path: 'vehicles/:id/report-card',
        lazy: async () => ({ Component: (await import('../vehicle/wear/ReportCard')).ReportCard }),
      },
      {
        path: 'vehicles/:id/adjust',
        lazy: async () => ({ Component: (await import('../vehicle/adjust/Adjust')).Adjust }),
      },
      {
        path: 'vehicles/:vehicleId/walk-round/:id',
        lazy: async () => ({ Component: (await import('../vehicle/walk-round/WalkRound')).WalkRound }),
      },
      { path: '*', Component: NotHere },
    ],
  },
])
