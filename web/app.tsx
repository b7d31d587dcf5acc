import { Navigate, Route, Routes } from 'react-router';
import { Frame } from './frame.tsx';
import { PAGES } from './pages.ts';
import { NoticesProvider } from './parts/notices.tsx';
import { PageHead } from './parts/page.tsx';

/** Every address of the app. */
export function App() {
  return (
    <NoticesProvider>
      <Routes>
        <Route element={<Frame />}>
          <Route index element={<Navigate to="/now" replace />} />
          {PAGES.map(([path, Page]) => (
            <Route key={path} path={path} element={<Page />} />
          ))}
          <Route path="*" element={<PageHead title="There is nothing at this address" />} />
        </Route>
      </Routes>
    </NoticesProvider>
  );
}
