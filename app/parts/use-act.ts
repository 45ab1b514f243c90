import { useCallback } from "react";
import { useFetcher } from "react-router";
import type { ActName, AnswerOf, FieldsOf } from "#core/acts/decide";
import type { Done } from "../acts/perform";

/** The fields of an act as a page sends them: the athlete is that of the page. */
export type FieldsSent<Name extends ActName> = Omit<FieldsOf<Name>, "athleteId"> & {
  athleteId?: string;
};

/**
 * Sends acts to this route's action as JSON, or to that of another route.
 * `done` says that the last one was, `answer` what it came to, `refused` why it was not done.
 */
export function useAct<Name extends ActName = ActName>(action?: string) {
  const fetcher = useFetcher<Done<AnswerOf<Name>>>();
  const { data, submit } = fetcher;
  const act = useCallback(
    <One extends ActName>(name: One, ...[fields]: Fields<One>) =>
      void submit(JSON.stringify({ act: name, ...fields }), {
        method: "post",
        encType: "application/json",
        ...(action ? { action } : {}),
      }),
    [submit, action],
  );
  return {
    act,
    done: data !== undefined && "done" in data && fetcher.state === "idle",
    answer: data && "done" in data ? data.done : null,
    refused: data && "refused" in data ? data.refused : null,
    busy: fetcher.state !== "idle",
  };
}

/** How a part is given the page’s way to do acts. */
export type DoAct = ReturnType<typeof useAct>["act"];

/** What an act that needs no field may leave out. */
type Fields<Name extends ActName> =
  Record<never, never> extends FieldsSent<Name>
    ? [fields?: FieldsSent<Name>]
    : [fields: FieldsSent<Name>];
