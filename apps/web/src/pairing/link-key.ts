/** Under which the link to another device is kept over a reload. */
export const LINK_KEY = "amp-saver pair";

/** Whether this device was linked to another before a reload. */
export function isLinked(): boolean {
  try {
    return (sessionStorage.getItem(LINK_KEY) ?? localStorage.getItem(LINK_KEY)) !== null;
  } catch {
    return false;
  }
}
