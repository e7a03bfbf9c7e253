/** Builds the app and the server; returns the app's folder. */
export function buildApp(options?: { mode?: string; outDir?: string }): Promise<string>;
/** Serves a built folder in this process. */
export function serve(folder: string): Promise<void>;
