import '@fontsource/barlow/latin-400.css';
import '@fontsource/barlow/latin-600.css';
import { ChakraProvider } from '@chakra-ui/react';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { lazy, StrictMode, Suspense } from 'react';
import { createRoot } from 'react-dom/client';
import { BrowserRouter, Route, Routes } from 'react-router';
import { Refusal } from './api/client';
import { UnitsProvider } from './bench/units';
import { JobPage } from './job/JobPage';
import { JobsPage } from './pages/JobsPage';
import { TodayPage } from './pages/TodayPage';
import { NotHere } from './shell/NotHere';
import { Shell } from './shell/Shell';
import { system } from './theme';

const CastingPage = lazy(() => import('./pages/CastingPage'));
const RunPage = lazy(() => import('./pages/casting/RunPage'));
const MetalPage = lazy(() => import('./pages/MetalPage'));
const SumsPage = lazy(() => import('./pages/sums/SumsPage'));
const WorkshopPage = lazy(() => import('./pages/workshop/WorkshopPage'));
const ShopPage = lazy(() => import('./pages/ShopPage'));
const PlanPage = lazy(() => import('./pages/plan/PlanPage'));
const PlanSheet = lazy(() => import('./print/PlanSheet'));
const PricePage = lazy(() => import('./pages/price/PricePage'));
const OwnFiguresPage = lazy(() => import('./pages/own/OwnFiguresPage'));
const RehearsePage = lazy(() => import('./pages/rehearse/RehearsePage'));
const HeatPage = lazy(() => import('./pages/rehearse/HeatPage'));
const PushPage = lazy(() => import('./pages/rehearse/PushPage'));
const PourPage = lazy(() => import('./pages/rehearse/PourPage'));
const PrintPage = lazy(() => import('./print/PrintPage'));

const queries = new QueryClient({
    defaultOptions: {
        queries: {
            retry: (count, error) => !(error instanceof Refusal) && count < 3,
            // The application is on this machine: the browser's own “offline” says nothing of it.
            networkMode: 'always',
            refetchOnWindowFocus: true,
        },
        mutations: { networkMode: 'always' },
    },
});

createRoot(document.getElementById('bench')!).render(
    <StrictMode>
        <ChakraProvider value={system}>
            <QueryClientProvider client={queries}>
                <UnitsProvider>
                    <BrowserRouter>
                        <Suspense fallback={null}>
                            <Routes>
                                <Route element={<Shell />}>
                                    <Route index element={<TodayPage />} />
                                    <Route path="jobs" element={<JobsPage />} />
                                    <Route path="jobs/:number/price" element={<PricePage />} />
                                    <Route path="jobs/:number/:station?" element={<JobPage />} />
                                    <Route path="plan" element={<PlanPage />} />
                                    <Route path="casting" element={<CastingPage />} />
                                    <Route path="casting/:run" element={<RunPage />} />
                                    <Route path="metal" element={<MetalPage />} />
                                    <Route path="sums/:sheet?" element={<SumsPage />} />
                                    <Route path="rehearse" element={<RehearsePage />} />
                                    <Route path="rehearse/push/:count" element={<PushPage />} />
                                    <Route path="rehearse/pour/:alloy" element={<PourPage />} />
                                    <Route path="rehearse/:lesson" element={<HeatPage />} />
                                    <Route path="shop" element={<ShopPage />} />
                                    <Route path="shop/own" element={<OwnFiguresPage />} />
                                    <Route path="workshop" element={<WorkshopPage />} />
                                    <Route
                                        path="*"
                                        element={
                                            <NotHere
                                                title="There is no such page"
                                                words="The address may be of something that has gone, or mistyped."
                                            />
                                        }
                                    />
                                </Route>
                                <Route path="print/plan" element={<PlanSheet />} />
                                <Route path="print/:number/:what" element={<PrintPage />} />
                            </Routes>
                        </Suspense>
                    </BrowserRouter>
                </UnitsProvider>
            </QueryClientProvider>
        </ChakraProvider>
    </StrictMode>,
);
