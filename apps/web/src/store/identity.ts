const ALPHABET = "0123456789abcdefghjkmnpqrstvwxyz";
const LENGTH = 20;

/** A new id of 100 random bits. Uses what every context offers, secure or not. */
export function newId<Id extends string>(): Id {
  const bytes = crypto.getRandomValues(new Uint8Array(LENGTH));
  return Array.from(bytes, (b) => ALPHABET[b & 31]).join("") as Id;
}

/** The present time as records keep it. */
export function nowIso(): string {
  return new Date().toISOString();
}
