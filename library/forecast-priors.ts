import * as z from "zod/mini";
import { MotionPrior } from "../core/content/motion-prior";
import content from "./forecast-priors.json";

/** What the library believes of how each motion answers to training. */
export const forecastPriors = z.array(MotionPrior).parse(content);
