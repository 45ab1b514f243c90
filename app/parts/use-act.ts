import { useFetcher } from "react-router";

/** Sends an act to this route's action as JSON. */
export function useAct<Answer = unknown>() {
  const fetcher = useFetcher<Answer>();
  const act = (intent: string, fields: object = {}) =>
    void fetcher.submit(JSON.stringify({ intent, ...fields }), {
      method: "post",
      encType: "application/json",
    });
  return { act, answer: fetcher.data, busy: fetcher.state !== "idle" };
}
