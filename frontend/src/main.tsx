import "bootstrap/dist/css/bootstrap.min.css";
import "@fontsource-variable/atkinson-hyperlegible-next";
import "@fontsource-variable/bricolage-grotesque";
import "./look/index.css";
import { QueryCache, QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { StrictMode } from "react";
import { createRoot } from "react-dom/client";
import {
  createBrowserRouter,
  createRoutesFromElements,
  Navigate,
  Outlet,
  Route,
  ScrollRestoration,
  useLocation,
} from "react-router";
import { RouterProvider } from "react-router/dom";
import { DEVICE, SEWS } from "./api/asking";
import { Refused } from "./api/client";
import { Audit } from "./audit/Audit";
import { Devices } from "./devices/Devices";
import { ToSew } from "./devices/ToSew";
import { FitTable } from "./fits/FitTable";
import { Home } from "./home/Home";
import { Keys } from "./kit/Keys";
import { Textures } from "./kit/Textures";
import { Theme } from "./kit/Theme";
import { Guarded, tell, Troubles, WhollyBroken } from "./kit/Troubles";
import { Habits } from "./habits/Habits";
import { Machine } from "./machine/Machine";
import { Compare } from "./compare/Compare";
import { Cutting } from "./cutting/Cutting";
import { Cuttings, ToCutting } from "./cutting/Cuttings";
import { AsMade } from "./log/AsMade";
import { Keeping } from "./keeping/Keeping";
import { Logbook } from "./log/Logbook";
import { Batch } from "./plan/Batch";
import { Plan } from "./plan/Plan";
import { Pile } from "./pile/Pile";
import { Shelf } from "./shelf/Shelf";
import { Workbench } from "./workbench/Workbench";
import { say } from "./words/say";

const client = new QueryClient({
  queryCache: new QueryCache({
    // What is not there is told by the view that looked for it.
    onError: (error) => !(error instanceof Refused && error.problem.status === 404) && tell(error),
  }),
  defaultOptions: { queries: { retry: false, refetchOnWindowFocus: false } },
});

/** What only sews does not go there. */
const WORK = (
  <>
    <Route path="/shelf" element={<Shelf />} />
    <Route path="/fits" element={<FitTable />} />
    <Route path="/habits" element={<Habits />} />
    {!DEVICE && <Route path="/safe" element={<Keeping />} />}
    {!DEVICE && <Route path="/tablet" element={<Devices />} />}
    <Route path="/machine" element={<Machine />} />
    <Route path="/compare/:one/:other" element={<Compare />} />
    <Route path="/pile" element={<Pile />} />
    <Route path="/cutting" element={<Cuttings />} />
    <Route path="/cutting/:id/:part?" element={<Cutting />} />
    <Route path="/projects/:id/cutting" element={<ToCutting />} />
    <Route path="/check" element={<Audit />} />
    <Route path="/plan" element={<Plan />} />
    <Route path="/plan/:id" element={<Batch />} />
  </>
);

/** What every view has. Each begins at its top; back leads to where it was left. */
function Every() {
  const { pathname } = useLocation();
  return (
    <>
      <Guarded at={pathname}>
        <Outlet />
      </Guarded>
      <p className="moment">{say("coming")}</p>
      <Keys />
      <Theme />
      <ScrollRestoration />
    </>
  );
}

const VIEWS = createBrowserRouter(
  createRoutesFromElements(
    <Route element={<Every />} errorElement={<WhollyBroken />}>
      <Route path="/" element={SEWS ? <ToSew /> : <Home />} />
      {!SEWS && WORK}
      <Route path="/projects/:id" element={<Navigate to="thing" replace />} />
      <Route path="/log" element={<Logbook />} />
      <Route path="/projects/:id/made/:make" element={<AsMade />} />
      <Route path="/projects/:id/:stage" element={<Workbench />} />
      <Route path="*" element={<Navigate to="/" replace />} />
    </Route>,
  ),
);

/** Till its letters have come, others of another width stand in: what stands beside them would move. */
const LETTERS = ["Atkinson Hyperlegible Next Variable", "Bricolage Grotesque Variable"];
await Promise.allSettled(LETTERS.map((family) => document.fonts.load(`1em "${family}"`)));

createRoot(document.getElementById("root")!).render(
  <StrictMode>
    <QueryClientProvider client={client}>
      <Textures />
      <Troubles>
        <RouterProvider router={VIEWS} />
      </Troubles>
    </QueryClientProvider>
  </StrictMode>,
);
