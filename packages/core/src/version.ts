/** Version of core that answers are made with; written into files. */
export const CORE_VERSION = "0.2.0";
