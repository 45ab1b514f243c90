import * as z from "zod";
import { MotionPrior } from "../core/forecast/forecast-prior";
import content from "./forecast-priors.json";

/** What the library believes of how each motion answers to training. Apart from the rest, since only forecasts need it. */
export const forecastPriors = z.array(MotionPrior).parse(content);
