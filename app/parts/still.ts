import { memo, type ComponentType, type ReactNode } from "react";
import equal from "fast-deep-equal";

type PageProps = { loaderData: unknown; params: unknown; actionData?: unknown };

/** Whether a page would show the same: the very same data, for the same address. */
export const showsTheSame = (before: PageProps, after: PageProps): boolean =>
  before.loaderData === after.loaderData &&
  before.actionData === after.actionData &&
  equal(before.params, after.params);

/**
 * A page that is drawn anew only for new data. The router draws all its pages each time anything begins or ends on
 * the way; a press would wait for a whole page that has not changed.
 */
export const still = <Props extends PageProps>(
  Page: ComponentType<Props>,
): ((props: Props) => ReactNode) => memo(Page, showsTheSame) as never;
