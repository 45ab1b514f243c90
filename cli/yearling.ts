/** The core from the command line: reads an exported notebook, or one situation, and prints what follows. */
import { readFileSync } from "node:fs";
import { dayOf } from "#core/dates/days";
import { library } from "#library/index";
import * as answers from "./answers";
import { NoAnswer, optionsOf, usage, WrongCall, type Options } from "./options";
import { askedSituation, read, type CallRead } from "./read";
import * as readable from "./readable";

/** What a call prints, and its exit code. */
export type Ending = { out: string; err: string; code: 0 | 1 | 2 };

const json = (value: unknown): string => JSON.stringify(value, null, 1);

async function answer(options: Options, file: CallRead, now: Date): Promise<string> {
  const print = <T>(facts: T, text: (facts: T) => string): string =>
    options.json ? json(facts) : text(facts);
  if (options.verb === "validate")
    return print(answers.validateAnswer(file), readable.validateText);
  const day = options.day ?? file.wishes.day ?? dayOf(now);
  const situation = askedSituation(file, library, options, day);
  switch (options.verb) {
    case "check":
      return print(answers.checkAnswer(situation), readable.checkText);
    case "gap":
      return print(answers.gapAnswer(situation), readable.gapText);
    case "plan":
      return print(await answers.planAnswer(situation, file, options), readable.planText);
    case "forecast":
      return print(answers.forecastAnswerOf(situation), readable.forecastText);
    case "season":
      return print(answers.seasonAnswer(situation), readable.seasonText);
    case "csv":
      return answers.csvAnswer(situation);
    case "ics":
      return answers.icsAnswer(situation, now.toISOString());
  }
}

/** Runs one call. @param load gives a file's text */
export async function call(
  args: string[],
  load: (file: string) => string = (file) => readFileSync(file, "utf8"),
  now = new Date(),
): Promise<Ending> {
  if (args.includes("--help") || args.includes("-h")) return { out: usage, err: "", code: 0 };
  try {
    const options = optionsOf(args);
    let text: string;
    try {
      text = load(options.file);
    } catch (error) {
      throw new NoAnswer(`“${options.file}” cannot be opened: ${(error as Error).message}`, {
        why: "no-file",
      });
    }
    try {
      return {
        out: await answer(options, read(text, options.day ?? dayOf(now)), now),
        err: "",
        code: 0,
      };
    } catch (error) {
      if (!(error instanceof NoAnswer) || !options.json) throw error;
      return { out: json({ refused: error.facts }), err: error.message, code: 1 };
    }
  } catch (error) {
    if (error instanceof WrongCall)
      return { out: "", err: `${error.message}\n\n${usage}`, code: 2 };
    if (error instanceof NoAnswer) return { out: "", err: error.message, code: 1 };
    throw error;
  }
}
