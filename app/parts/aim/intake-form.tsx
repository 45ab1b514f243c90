import { useEffect } from "react";
import { later, useLater } from "../later";
import type { IntakeFormProps } from "./intake-form-drawn";

/** The questions, their places and the clearances: below what a visit begins with, so fetched beside the page. */
export const intakeForm = later(() =>
  import("./intake-form-drawn").then(({ IntakeFormDrawn }) => IntakeFormDrawn),
);

/** The intake; its heading stands until the questions are there. */
export function IntakeForm(props: IntakeFormProps) {
  const Drawn = useLater(intakeForm);
  const there = Drawn !== null;
  useEffect(() => {
    // Whoever was led here sees its beginning, once it has its height.
    if (there && location.hash === "#intake")
      document.getElementById("intake")?.scrollIntoView({ block: "start" });
  }, [there]);
  return Drawn ? (
    <Drawn {...props} />
  ) : (
    <section className="mt-8 min-h-96" id="intake">
      <h2 className="text-xl">Health questions</h2>
    </section>
  );
}
