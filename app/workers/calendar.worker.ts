import { expose } from "comlink";
import { fromCalendar } from "#core/exchange/calendar";

const reader = { fromCalendar };
export type CalendarReader = typeof reader;

expose(reader);
