import { expose } from "comlink";
import { forecastAnswer } from "#core/forecast/forecast-answer";

const forecaster = { answer: forecastAnswer };
export type Forecaster = typeof forecaster;

expose(forecaster);
