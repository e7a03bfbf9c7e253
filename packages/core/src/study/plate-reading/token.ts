import { itemAt } from "../../quantity/index.ts";
import { digitsOf, folded, lettersApart } from "./fold.ts";
import { letterHeightOf, rowsOf } from "./rows.ts";
import { keysOf, type Named, namesOf, type PlateKind, REFRIGERANTS, VOCABULARY } from "./vocabulary.ts";
import { around, type Box, partOf, type ReadWord } from "./word.ts";

interface Piece {
  readonly box: Box;
  readonly confidence: number;
  readonly text: string;
}

/** A number of a plate with the unit that stands behind it. */
export interface NumberToken extends Piece {
  readonly kind: "number";
  /** The digits, letters among them taken for digits. */
  readonly digits: string;
  readonly letters: boolean;
  readonly unit: string;
}

/** A name of a plate; `exact` where no letter of it was guessed. */
export interface NameToken extends Piece {
  readonly kind: "name";
  readonly named: Named;
  readonly exact: boolean;
}

export type Token = NumberToken | NameToken | (Piece & { readonly kind: "text" });

/** Letters in which a long name may be misread, by its length. */
const lettersFor = (length: number): number => (length >= 12 ? 2 : length >= 7 ? 1 : 0);
/** Most words that a name has. */
const NAME_WORDS = 6;
/** Widest gap within a name and before a unit, letter heights. */
const NAME_GAP = 2.2;
const UNIT_GAP = 1.6;
/** What a plate's frames and specks are read as. */
const SPECKS = /^[\s\-–—=~_.,'"“”‘’`*«»|\\/<>()[\]{}]+$/;

/** A word without the specks before and behind it; nothing where it is all specks. */
function bared(word: ReadWord): readonly ReadWord[] {
  const from = word.text.search(/[\p{L}\p{N}±+.]/u);
  const end =
    word.text.length -
    [...word.text]
      .reverse()
      .join("")
      .search(/[\p{L}\p{N}%.,]/u);
  return from < 0 || SPECKS.test(word.text.slice(from, end)) ? [] : [partOf(word, from, end)];
}

/** A word cut where a name ends and its figure begins, or a figure and its unit. */
function cut(word: ReadWord, isWord: (text: string) => boolean): readonly ReadWord[] {
  const parts: ReadWord[] = [];
  let from = 0;
  for (let k = 0; k <= word.text.length; k++)
    if (k === word.text.length || /[:;=|[\]()]/.test(word.text.charAt(k))) {
      if (k > from) parts.push(partOf(word, from, k));
      from = k + 1;
    }
  return parts.flatMap(bared).flatMap((part): readonly ReadWord[] => {
    if (digitsOf(part.text) !== null) return [part];
    for (let k = 1; k < part.text.length; k++) {
      const head = part.text.slice(0, k);
      const tail = part.text.slice(k);
      const figureFirst = digitsOf(head) !== null && /^[\d.,±+]/.test(head) && isWord(tail);
      if (figureFirst || (isWord(head) && /^\d/.test(tail) && digitsOf(tail) !== null))
        return [partOf(part, 0, k), partOf(part, k, part.text.length)];
      const unit = /^[A-Za-zµ/~%]+/.exec(tail)?.[0] ?? "";
      if (
        figureFirst === false &&
        digitsOf(head) !== null &&
        /^[\d.,±+]/.test(head) &&
        unit !== "" &&
        unit.length < tail.length &&
        isWord(unit)
      )
        return [partOf(part, 0, k), partOf(part, k, k + unit.length), ...cut(partOf(part, k + unit.length, part.text.length), isWord)];
    }
    return [part];
  });
}

/** The names, figures and other words of a plate, row by row. */
export function tokensOf(
  words: readonly ReadWord[],
  kind: PlateKind,
): { readonly rows: readonly (readonly Token[])[]; readonly letterHeight: number } {
  const names = namesOf(kind);
  const units = new Set(Object.values(VOCABULARY[kind]).flatMap(({ units }) => Object.keys(units).flatMap(keysOf)));
  units.delete("");
  const exactly = new Map(names.map(({ key, named }) => [key, named]));
  const isWord = (text: string): boolean => units.has(folded(text)) || exactly.has(folded(text));
  const cutUp = words.flatMap((word) => cut(word, isWord));
  const letterHeight = letterHeightOf(cutUp);
  const nameAt = (
    row: readonly ReadWord[],
    at: number,
  ): { readonly named: Named; readonly count: number; readonly exact: boolean } | null => {
    let fuzzy: { named: Named; count: number; exact: boolean } | null = null;
    for (let count = Math.min(NAME_WORDS, row.length - at); count >= 1; count--) {
      const part = row.slice(at, at + count);
      if (part.some(({ text }) => digitsOf(text) !== null)) continue;
      if (part.some(({ box }, k) => k > 0 && box.x0 - itemAt(part, k - 1).box.x1 > NAME_GAP * letterHeight)) continue;
      const key = part.map(({ text }) => folded(text)).join("");
      const named = exactly.get(key);
      if (named !== undefined) return { named, count, exact: true };
      fuzzy ??=
        names
          .filter(
            (name) =>
              lettersFor(name.key.length) > 0 && lettersApart(key, name.key, lettersFor(name.key.length)) <= lettersFor(name.key.length),
          )
          .map(({ named }) => ({ named, count, exact: false }))[0] ?? null;
    }
    return fuzzy;
  };
  /** Whether a word that could be the unit before it is the name of the figure behind it: where the row began with a name. */
  const leads = (row: readonly ReadWord[], at: number, tokens: readonly Token[]): boolean =>
    tokens.find(({ kind }) => kind !== "text")?.kind === "name" && row[at + 1] !== undefined && digitsOf(itemAt(row, at + 1).text) !== null;
  const rows = rowsOf(cutUp).map((row) => {
    const tokens: Token[] = [];
    for (let at = 0; at < row.length; ) {
      const word = itemAt(row, at);
      const last = tokens.at(-1);
      const name = nameAt(row, at);
      const digits = digitsOf(word.text);
      const near = last !== undefined && word.box.x0 - last.box.x1 < UNIT_GAP * letterHeight;
      if (near && last.kind === "number" && last.unit === "" && /^[.,]\d/.test(word.text) && digits !== null) {
        tokens[tokens.length - 1] = {
          ...last,
          text: last.text + word.text,
          digits: last.digits + digits.text,
          letters: last.letters || digits.letters,
          confidence: Math.min(last.confidence, word.confidence),
          box: around([last.box, word.box]),
        };
        at += 1;
      } else if (digits !== null && name === null) {
        tokens.push({ kind: "number", ...word, digits: digits.text, letters: digits.letters, unit: "" });
        at += 1;
      } else if (
        near &&
        last.kind === "number" &&
        last.unit === "" &&
        units.has(folded(word.text)) &&
        !(name !== null && leads(row, at, tokens))
      ) {
        tokens[tokens.length - 1] = { ...last, unit: folded(word.text) };
        // A unit is a name as well where the figure stands before it.
        if (name !== null) tokens.push({ kind: "name", ...word, named: name.named, exact: name.exact });
        at += 1;
      } else if (name !== null) {
        const part = row.slice(at, at + name.count);
        tokens.push({
          kind: "name",
          named: name.named,
          exact: name.exact,
          text: part.map(({ text }) => text).join(" "),
          confidence: Math.min(...part.map(({ confidence }) => confidence)),
          box: around(part.map(({ box }) => box)),
        });
        at += name.count;
      } else {
        tokens.push({ kind: "text", ...word });
        at += 1;
      }
    }
    return tokens;
  });
  return { rows, letterHeight };
}

/** The refrigerant that stands anywhere on a plate, with the words it was read from; null where none does. */
export function refrigerantIn(rows: readonly (readonly Token[])[]): { readonly name: string; readonly token: Token } | null {
  const keys = Object.keys(REFRIGERANTS)
    .map((name) => ({ name, key: folded(name) }))
    .toSorted((a, b) => b.key.length - a.key.length);
  for (const row of rows)
    for (const [k, token] of row.entries()) {
      const alone = folded(token.text);
      const joined = alone + folded(row[k + 1]?.text ?? "");
      const found = keys.find(({ key }) => alone === key) ?? (/^R$/.test(alone) ? keys.find(({ key }) => joined === key) : undefined);
      if (found !== undefined) return { name: found.name, token };
    }
  return null;
}
