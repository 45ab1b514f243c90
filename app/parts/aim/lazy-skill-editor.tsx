import { lazy, Suspense, type ComponentProps } from "react";

const Editor = lazy(() => import("./skill-editor").then((part) => ({ default: part.SkillEditor })));

/** The skill editor, fetched when it is first opened: few need it, and the first load stays small. */
export const SkillEditor = (props: ComponentProps<typeof Editor>) => (
  <Suspense fallback={<p className="mt-3 text-muted">Opening the editor …</p>}>
    <Editor {...props} />
  </Suspense>
);
