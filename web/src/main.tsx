import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { BrowserRouter, Route, Routes } from 'react-router';
import { CalculatorPage } from './calculator/CalculatorPage';
import './index.css';
import { applyTheme } from './theme/useTheme';
import { EnginePage } from './history/EnginePage';
import { FamilyPage } from './history/FamilyPage';
import { HomePage } from './shell/HomePage';
import { DebriefPage } from './practice/DebriefPage';
import { NewJobPage } from './jobs/NewJobPage';
import { RecordPage } from './record/RecordPage';
import { ShopPage } from './shop/ShopPage';
import { NoSuchPage } from './shell/NoSuchPage';
import { LabelSheet } from './plugs/LabelSheet';
import { SheetPage } from './shell/SheetPage';
import { stations } from './shell/stations';
import { WaveformPage } from './waveform/WaveformPage';
import { UnitsProvider } from './units/UnitsContext';

const client = new QueryClient({ defaultOptions: { queries: { retry: 1, staleTime: 1000 } } });

applyTheme();
createRoot(document.getElementById('root')!).render(
  <StrictMode>
    <QueryClientProvider client={client}>
      <UnitsProvider>
        <BrowserRouter>
          <Routes>
            <Route path="/" element={<HomePage />} />
            <Route path="/jobs/:id/practice" element={<DebriefPage />} />
            <Route path="/jobs/:id/waveforms" element={<WaveformPage />} />
            <Route path="/jobs/new" element={<NewJobPage />} />
            {stations.map((screen) => (
              <Route
                key={screen.station}
                path={`/jobs/:id${screen.path}`}
                element={<SheetPage screen={screen} />}
              />
            ))}
            <Route path="/jobs/:id/plugs/labels" element={<LabelSheet />} />
            <Route path="/calculator" element={<CalculatorPage />} />
            <Route path="/engines/:id" element={<EnginePage />} />
            <Route path="/families/:name" element={<FamilyPage />} />
            <Route path="/record" element={<RecordPage />} />
            <Route path="/shop" element={<ShopPage />} />
            <Route path="*" element={<NoSuchPage />} />
          </Routes>
        </BrowserRouter>
      </UnitsProvider>
    </QueryClientProvider>
  </StrictMode>,
);
