import { createBrowserRouter } from 'react-router'
import { ErrorNotice, NotHere } from '../ui/ErrorNotice'
import { LoadingLines } from '../ui/Loading'
import { earlierAddresses } from './earlierAddresses'
import { Home } from './Home'
import { Shell } from './Shell'

export const router = createBrowserRouter([
  {
    path: 'report/:code',
    ErrorBoundary: ErrorNotice,
    HydrateFallback: LoadingLines,
    lazy: async () => ({ Component: (await import('../pages/driver-report/DriverReport')).DriverReport }),
  },
  {
    Component: Shell,
    ErrorBoundary: ErrorNotice,
    HydrateFallback: LoadingLines,
    children: [
      { index: true, Component: Home },
      { path: 'fleet', lazy: async () => ({ Component: (await import('../pages/fleet/FleetPage')).FleetPage }) },
      { path: 'today', lazy: async () => ({ Component: (await import('../pages/today/Today')).Today }) },
      { path: 'scan', lazy: async () => ({ Component: (await import('../pages/scan/Scan')).Scan }) },
      {
        path: 'questions',
        lazy: async () => ({ Component: (await import('../pages/questions/Questions')).Questions }),
      },
      {
        path: 'shop',
        lazy: async () => ({ Component: (await import('../pages/shop/ShopArea')).ShopArea }),
        children: [
          { index: true, lazy: async () => ({ Component: (await import('../pages/shop/Shop')).Shop }) },
          {
            path: 'calendar',
            lazy: async () => ({ Component: (await import('../pages/shop/ShopCalendar')).ShopCalendar }),
          },
          { path: 'setup', lazy: async () => ({ Component: (await import('../pages/shop/ShopSetup')).ShopSetup }) },
        ],
      },
      {
        path: 'outlook',
        lazy: async () => ({ Component: (await import('../pages/outlook/OutlookArea')).OutlookArea }),
        children: [
          { index: true, lazy: async () => ({ Component: (await import('../pages/outlook/Outlook')).Outlook }) },
          {
            path: 'monthly-report',
            lazy: async () => ({ Component: (await import('../pages/outlook/MonthlyReport')).MonthlyReport }),
          },
        ],
      },
      {
        path: 'stock',
        lazy: async () => ({ Component: (await import('../pages/stock/StockArea')).StockArea }),
        children: [
          { index: true, lazy: async () => ({ Component: (await import('../pages/stock/Stock')).Stock }) },
          {
            path: 'to-order',
            lazy: async () => ({ Component: (await import('../pages/stock/OrderNeeds')).OrderNeeds }),
          },
          { path: 'orders', lazy: async () => ({ Component: (await import('../pages/stock/Orders')).Orders }) },
          { path: 'parts', lazy: async () => ({ Component: (await import('../pages/stock/Parts')).Parts }) },
          {
            path: 'catalog',
            lazy: async () => ({ Component: (await import('../pages/stock/Catalog')).Catalog }),
          },
        ],
      },
      { path: 'tires/:id', lazy: async () => ({ Component: (await import('../tire/TirePage')).TirePage }) },
      { path: 'jobs/:id/sheet', lazy: async () => ({ Component: (await import('../job-sheet/JobSheet')).JobSheet }) },
      { path: 'jobs/:id/visit', lazy: async () => ({ Component: (await import('../job-sheet/ShopVisit')).ShopVisit }) },
      {
        path: 'settings',
        lazy: async () => ({ Component: (await import('../pages/settings/SettingsPage')).SettingsPage }),
      },
      { path: 'people', lazy: async () => ({ Component: (await import('../pages/people/PeoplePage')).PeoplePage }) },
      {
        path: 'import-export',
        lazy: async () => ({ Component: (await import('../pages/import-export/ImportExport')).ImportExport }),
      },
      { path: 'offline', lazy: async () => ({ Component: (await import('../pages/offline/Offline')).Offline }) },
      { path: 'labels', lazy: async () => ({ Component: (await import('../pages/labels/Labels')).Labels }) },
      {
        path: 'reference',
        lazy: async () => ({ Component: (await import('../pages/reference/ReferenceArea')).ReferenceArea }),
        children: [
          {
            index: true,
            lazy: async () => ({ Component: (await import('../pages/reference/Reference')).Reference }),
          },
          {
            path: 'patterns',
            lazy: async () => ({ Component: (await import('../pages/reference/Patterns')).Patterns }),
          },
          {
            path: 'charts',
            lazy: async () => ({ Component: (await import('../pages/reference/Charts')).Charts }),
          },
          {
            path: 'calculator',
            lazy: async () => ({ Component: (await import('../pages/reference/Calculator')).Calculator }),
          },
          {
            path: 'gauges',
            lazy: async () => ({ Component: (await import('../pages/reference/GaugesPage')).GaugesPage }),
          },
          {
            path: 'tire-changers',
            lazy: async () => ({ Component: (await import('../pages/reference/TireChangersPage')).TireChangersPage }),
          },
          {
            path: 'policy',
            lazy: async () => ({ Component: (await import('../pages/reference/PolicyPage')).PolicyPage }),
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
          { path: 'history', lazy: async () => ({ Component: (await import('../vehicle/history/History')).History }) },
        ],
      },
      {
        path: 'vehicles/:id/tires',
        lazy: async () => ({
          Component: (await import('../vehicle/tires-on-vehicle/TiresOnVehicle')).TiresOnVehicle,
        }),
      },
      {
        path: 'vehicles/:id/evidence',
        lazy: async () => ({ Component: (await import('../vehicle/evidence/EvidencePack')).EvidencePack }),
      },
      {
        path: 'vehicles/:id/driver-card',
        lazy: async () => ({ Component: (await import('../vehicle/wear/DriverCard')).DriverCard }),
      },
      {
        path: 'vehicles/:id/check-and-adjust',
        lazy: async () => ({ Component: (await import('../vehicle/check-and-adjust/CheckAndAdjust')).CheckAndAdjust }),
      },
      {
        path: 'vehicles/:vehicleId/walk-around/:id',
        lazy: async () => ({ Component: (await import('../vehicle/walk-around/WalkAround')).WalkAround }),
      },
      ...earlierAddresses,
      { path: '*', Component: NotHere },
    ],
  },
])
