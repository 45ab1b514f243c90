import { Links, Meta, Outlet, Scripts, ScrollRestoration } from "react-router";
import { lazy, Suspense, useEffect, useLayoutEffect } from "react";
import type { Route } from "./+types/root";
import "./app.css";
import { afterPaint } from "./after-paint";
import { keepForOffline } from "./offline";
import { useShutWhenIdle } from "./parts/use-shut-when-idle";
import { firstPicture } from "./first-picture";
import { useTheme } from "./parts/theme";
import { presentNotebook } from "./store/open";
import { useScreenLock } from "./store/screen-lock";

export function Layout({ children }: { children: React.ReactNode }) {
  return (
    <html lang="en">
      <head>
        <meta charSet="utf-8" />
        <meta name="viewport" content="width=device-width, initial-scale=1" />
        <meta name="theme-color" content="#f2eee4" />
        <link rel="icon" href="/mark.svg" type="image/svg+xml" />
        <link rel="manifest" href="/app.webmanifest" />
        <link rel="apple-touch-icon" href="/mark-192.png" />
        <Meta />
        <Links />
      </head>
      <body>
        {children}
        <ScrollRestoration />
        <Scripts />
      </body>
    </html>
  );
}

/**
 * The press that leads to another page is answered before the work for that page begins, by the mark on the station
 * that comes. The first page waits for nothing, and neither does an act.
 */
export const clientMiddleware: Route.ClientMiddlewareFunction[] = [
  async ({ request }, next) => {
    if (request.method === "GET" && presentNotebook()) await afterPaint();
    return next();
  },
];

export const meta: Route.MetaFunction = () => [
  { title: "Yearling" },
  {
    name: "description",
    content:
      "Mobility coaching by measurement: from a skill to the degrees it asks, to the prep that opens them.",
  },
];

// Nothing of the page is drawn while this is fetched.
const LockedScreen = lazy(() =>
  import("./parts/locked-screen").then((part) => ({ default: part.LockedScreen })),
);
const Toaster = lazy(() => import("sonner").then(({ Toaster: Sayings }) => ({ default: Sayings })));

export default function Root() {
  useTheme();
  useEffect(keepForOffline, []);
  const lock = useScreenLock();
  useShutWhenIdle(lock === "open");
  return (
    <>
      {lock === "shut" ? (
        <Suspense>
          <LockedScreen />
        </Suspense>
      ) : (
        <Outlet />
      )}
      <Suspense>
        <Toaster
          position="bottom-left"
          toastOptions={{
            style: {
              background: "var(--ink)",
              color: "var(--paper)",
              border: 0,
              borderRadius: 0,
              fontFamily: "inherit",
              marginBottom: "3.2rem",
            },
          }}
        />
      </Suspense>
    </>
  );
}

/** Shown while the notebook opens for the first time; with what comes, its picture goes. */
export function HydrateFallback() {
  useLayoutEffect(() => () => document.getElementById(firstPicture)?.remove(), []);
  return (
    <main className="grid min-h-dvh place-items-center p-8" aria-busy="true">
      <p className="text-muted">Opening the notebook …</p>
    </main>
  );
}

export { ErrorBoundary } from "./parts/frame/broken";
