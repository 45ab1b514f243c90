import { expose } from "comlink";
import { forecastAnswer } from "#core/season/forecast-answer";

const forecaster = { answer: forecastAnswer };
export type Forecaster = typeof forecaster;

expose(forecaster);
