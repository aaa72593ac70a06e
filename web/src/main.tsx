import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { BrowserRouter, Route, Routes } from 'react-router';
import { CalculatorPage } from './calculator/CalculatorPage';
import './index.css';
import { JobsPage } from './jobs/JobsPage';
import { NewJobPage } from './jobs/NewJobPage';
import { NoSuchPage } from './jobs/NoSuchPage';
import { LabelSheet } from './plugs/LabelSheet';
import { SheetPage } from './sheet/SheetPage';
import { allStations, pathOf } from './sheet/stations';
import { UnitsProvider } from './units/UnitsContext';

const client = new QueryClient({ defaultOptions: { queries: { retry: 1, staleTime: 1000 } } });

createRoot(document.getElementById('root')!).render(
  <StrictMode>
    <QueryClientProvider client={client}>
      <UnitsProvider>
        <BrowserRouter>
          <Routes>
            <Route path="/" element={<JobsPage />} />
            <Route path="/jobs/new" element={<NewJobPage />} />
            {allStations.map((station) => (
              <Route
                key={station}
                path={`/jobs/:id${pathOf(station)}`}
                element={<SheetPage station={station} />}
              />
            ))}
            <Route path="/jobs/:id/plugs/labels" element={<LabelSheet />} />
            <Route path="/calculator" element={<CalculatorPage />} />
            <Route path="*" element={<NoSuchPage />} />
          </Routes>
        </BrowserRouter>
      </UnitsProvider>
    </QueryClientProvider>
  </StrictMode>,
);
