import { RECORD_VERSIONS } from "@amp-saver/records";
import { expose } from "comlink";
import { makeExchanger } from "../exchange/exchanger.ts";
import { joinStore } from "../store/dexie.ts";
import { STORE_NAME } from "../store/open.ts";

const store = joinStore(STORE_NAME, RECORD_VERSIONS);

expose(makeExchanger(() => store));
