import { expose } from "comlink";
import { checksIn } from "#core/exchange/checks-in";
import { logsIn } from "#core/exchange/logs-in";
import { openTable } from "#core/exchange/table-in";

const reader = { openTable, checksIn, logsIn };
export type TableReader = typeof reader;

expose(reader);
