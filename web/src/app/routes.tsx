import { createBrowserRouter, Navigate } from 'react-router'
import { Broken } from './Broken'
import { Shell } from './Shell'
import { NotThere } from './NotThere'
import { AheadPage } from '../features/ahead/AheadPage'
import { MyDayPage } from '../features/ahead/MyDayPage'
import { ArrivalPage } from '../features/arrival/ArrivalPage'
import { BookPage } from '../features/booking/BookPage'
import { ChangePage } from '../features/booking/ChangePage'
import { BenchPage } from '../features/bench/BenchPage'
import { BillPage } from '../features/bill/BillPage'
import { BikePage } from '../features/customer/BikePage'
import { CustomerPage } from '../features/customer/CustomerPage'
import { StuckPage } from '../features/blocker/StuckPage'
import { HingePage } from '../features/match/HingePage'
import { ShortlistPage } from '../features/match/ShortlistPage'
import { DevicesPage } from '../features/commission/DevicesPage'
import { SettingsPage } from '../features/commission/SettingsPage'
import { HealthPage } from '../features/health/HealthPage'
import { LibraryPage } from '../features/library/LibraryPage'
import { KitsPage } from '../features/kits/KitsPage'
import { RulesPage } from '../features/rules/RulesPage'
import { OrdersPage } from '../features/orders/OrdersPage'
import { CallOffPage } from '../features/calloff/CallOffPage'
import { KitCheckPage } from '../features/receiving/KitCheckPage'
import { PhotoPage } from '../features/photo/PhotoPage'
import { SheetPage } from '../features/survey/SheetPage'
import { StandPage } from '../features/install/StandPage'
import { JobMoneyPage } from '../features/money/JobMoneyPage'
import { MoneyPage } from '../features/money/MoneyPage'
import { ShopPage } from '../features/shop/ShopPage'
import { DoorsPage } from '../features/doors/DoorsPage'
import { HerePage } from '../features/tablet/HerePage'
import { TabletsPage } from '../features/tablet/TabletsPage'
import { DrawersPage } from '../features/stock/DrawersPage'
import { YardPage } from '../features/yard/YardPage'
import { SignedInOnly } from '../features/session/SignedInOnly'

export const router = createBrowserRouter([
  {
    element: <SignedInOnly />,
    errorElement: <Broken />,
    children: [
      {
        element: <Shell />,
        children: [
          { path: '/', element: <YardPage /> },
          { path: '/ahead', element: <AheadPage /> },
          { path: '/my-day', element: <MyDayPage /> },
          { path: '/book', element: <BookPage /> },
          { path: '/drawers', element: <DrawersPage /> },
          { path: '/orders', element: <OrdersPage /> },
          { path: '/stuck', element: <StuckPage /> },
          { path: '/kits', element: <KitsPage /> },
          { path: '/bench', element: <BenchPage /> },
          { path: '/rules', element: <RulesPage /> },
          { path: '/steps', element: <LibraryPage /> },
          { path: '/jobs/:job/arrival', element: <ArrivalPage /> },
          { path: '/jobs/:job/booking', element: <ChangePage /> },
          { path: '/jobs/:job/sheet', element: <SheetPage /> },
          { path: '/photos/:photo', element: <PhotoPage /> },
          { path: '/jobs/:job/hinge', element: <ShortlistPage /> },
          { path: '/jobs/:job/hinge/:kit', element: <HingePage /> },
          { path: '/jobs/:job/bill', element: <BillPage /> },
          { path: '/jobs/:job/kit-check', element: <KitCheckPage /> },
          { path: '/jobs/:job/call-off', element: <CallOffPage /> },
          { path: '/jobs/:job/money', element: <JobMoneyPage /> },
          { path: '/money', element: <MoneyPage /> },
          { path: '/jobs/:job/settings', element: <SettingsPage /> },
          { path: '/customers/:customer', element: <CustomerPage /> },
          { path: '/bikes/:bike', element: <BikePage /> },
          { path: '/devices', element: <DevicesPage /> },
          { path: '/shop', element: <ShopPage /> },
          { path: '/sign-ins', element: <DoorsPage /> },
          { path: '/health', element: <HealthPage /> },
          { path: '/tablets', element: <TabletsPage /> },
          { path: '/here', element: <HerePage /> },
          { path: '/pair', element: <Navigate to="/here" replace /> },
          { path: '/code', element: <Navigate to="/" replace /> },
          { path: '*', element: <NotThere /> },
        ],
      },
      { path: '/stand/:job', element: <StandPage /> },
    ],
  },
])
