import { lazy, Suspense, type ComponentProps } from "react";

const Form = lazy(() => import("./aim-form").then((part) => ({ default: part.AimForm })));

/** The form of an aim, fetched when it is first wanted: most visits only read. */
export const AimForm = (props: ComponentProps<typeof Form>) => (
  <Suspense fallback={<p className="text-muted">One moment …</p>}>
    <Form {...props} />
  </Suspense>
);
