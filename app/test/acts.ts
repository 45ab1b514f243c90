type Acting = { clientAction: (args: never) => Promise<unknown> };

/** Sends an act to a route as the page would, in JSON. Gives what it answers, or what it throws. */
export async function sendTo(
  module: unknown,
  act: string,
  fields: object = {},
  params: Record<string, string> = {},
): Promise<{ answer: unknown } | { thrown: unknown }> {
  const request = new Request("http://localhost/", {
    method: "POST",
    body: JSON.stringify({ act, ...fields }),
  });
  try {
    return { answer: await (module as Acting).clientAction({ params, request } as never) };
  } catch (thrown) {
    return { thrown };
  }
}
