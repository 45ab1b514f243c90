import { useFetcher } from "react-router";

/** Sends an act to this route's action as JSON, or to that of another route. */
export function useAct<Answer = unknown>(action?: string) {
  const fetcher = useFetcher<Answer>();
  const act = (intent: string, fields: object = {}) =>
    void fetcher.submit(JSON.stringify({ intent, ...fields }), {
      method: "post",
      encType: "application/json",
      ...(action ? { action } : {}),
    });
  return { act, answer: fetcher.data, busy: fetcher.state !== "idle" };
}
