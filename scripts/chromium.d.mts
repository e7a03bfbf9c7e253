/** How Chromium is started without a display and without asking anything of the network. */
export const CHROMIUM_FLAGS: readonly string[];
