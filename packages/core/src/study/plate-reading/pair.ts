import { present } from "../../quantity/index.ts";
import { folded } from "./fold.ts";
import { type NameToken, type NumberToken, refrigerantIn, type Token, tokensOf } from "./token.ts";
import { type Meaning, meaningsOf } from "./value.ts";
import { figureOfUnit, type Named, type PlateFigure, type PlateKind, VOCABULARY } from "./vocabulary.ts";
import { around, type Box, middleOf, type ReadWord } from "./word.ts";

/** A figure as one look found it: the name it stands beside and everything its number may mean. */
export interface Found {
  readonly figure: PlateFigure;
  readonly meanings: readonly Meaning[];
  readonly text: string;
  readonly box: Box;
  readonly confidence: number;
  /** Whether its name was read without a letter guessed. */
  readonly named: boolean;
}

/** Words kept as they stand. */
export interface FoundText {
  readonly text: string;
  readonly box: Box;
  readonly confidence: number;
}

/** What one look at a plate found. */
export interface Look {
  readonly figures: readonly Found[];
  readonly texts: { readonly model?: FoundText; readonly serial?: FoundText; readonly refrigerant?: FoundText };
}

/** How far below its name a figure may stand, letter heights, and how many rows. */
const BELOW = { heights: 5, rows: 3 };
/** What a place beside a name costs: the smallest is believed. */
const COST = { right: 1, left: 0.5, unit: 0.8, below: 2, byUnit: 4 };

const isFigure = (named: Named): named is PlateFigure => named !== "model" && named !== "serial";
const centerOf = ({ x0, x1 }: Box): number => (x0 + x1) / 2;

interface Candidate {
  readonly figure: PlateFigure;
  /** Whether its name was read without a letter guessed. */
  readonly exact: boolean;
  readonly number: NumberToken;
  readonly meanings: readonly Meaning[];
  readonly cost: number;
}

/** Whether a name is the unit of the figure right before it. */
const isUnitOf = (name: NameToken, before: Token | undefined): boolean => before?.kind === "number" && before.unit === folded(name.text);

/** Whether a row's figures stand before their names: but for figures with their units, it begins with one, and a name follows. */
function isValueFirst(row: readonly Token[], kind: PlateKind): boolean {
  const known = row.filter((token) => token.kind !== "text");
  const others = known.filter(
    (token, k) =>
      !(token.kind === "name" && isUnitOf(token, known[k - 1])) &&
      !(token.kind === "number" && figureOfUnit(kind, token.unit) !== undefined),
  );
  return others[0]?.kind === "number" && others[1]?.kind === "name";
}

function candidatesOf(rows: readonly (readonly Token[])[], letterHeight: number, kind: PlateKind): readonly Candidate[] {
  const found: Candidate[] = [];
  const consider = (name: NameToken, number: NumberToken, cost: number): void => {
    const { named: figure, exact } = name;
    const row = isFigure(figure) ? VOCABULARY[kind][figure] : undefined;
    if (row === undefined || !isFigure(figure)) return;
    const meanings = meaningsOf(figure, row, number);
    if (meanings.length > 0) found.push({ figure, exact, number, meanings, cost });
  };
  for (const number of rows.flat()) {
    const figure = number.kind === "number" ? figureOfUnit(kind, number.unit) : undefined;
    if (number.kind !== "number" || figure === undefined) continue;
    const row = VOCABULARY[kind][figure];
    const meanings = row === undefined ? [] : meaningsOf(figure, row, number);
    if (meanings.length > 0) found.push({ figure, exact: true, number, meanings, cost: COST.byUnit });
  }
  for (const [r, row] of rows.entries()) {
    const valueFirst = isValueFirst(row, kind);
    for (const [k, name] of row.entries()) {
      if (name.kind !== "name") continue;
      const before = row[k - 1];
      if (before?.kind === "number") {
        if (isUnitOf(name, before)) consider(name, before, COST.unit);
        else if (valueFirst) consider(name, before, COST.left);
      }
      const rest = row.slice(k + 1);
      const next = rest.findIndex(({ kind }) => kind === "name");
      // A unit's own name right behind a figure does not part the figure from its name.
      const right = (next < 0 ? rest : rest.slice(0, next)).find((token): token is NumberToken => token.kind === "number");
      if (!valueFirst && right !== undefined) consider(name, right, COST.right + (right.box.x0 - name.box.x1) / (40 * letterHeight));
      // Whose own row has a number for it, if an unlikely one, has none below.
      if (right !== undefined && !valueFirst) continue;
      const x0 = name.box.x0 - letterHeight;
      const x1 = name.box.x1 + letterHeight;
      for (const below of rows.slice(r + 1, r + 1 + BELOW.rows * 2))
        for (const number of below) {
          const dy = middleOf(number.box) - middleOf(name.box);
          if (number.kind !== "number" || dy < 0.4 * letterHeight || dy > BELOW.heights * letterHeight) continue;
          const overlap = Math.min(x1, number.box.x1) - Math.max(x0, number.box.x0);
          if (overlap <= 0 && !(centerOf(number.box) > x0 && centerOf(number.box) < x1)) continue;
          consider(
            name,
            number,
            COST.below + dy / (BELOW.heights * letterHeight) + Math.abs(centerOf(number.box) - centerOf(name.box)) / (100 * letterHeight),
          );
        }
    }
  }
  return found;
}

function textBeside(
  rows: readonly (readonly Token[])[],
  letterHeight: number,
  named: "model" | "serial",
  looks: RegExp,
): FoundText | undefined {
  for (const [r, row] of rows.entries())
    for (const [k, name] of row.entries()) {
      if (name.kind !== "name" || name.named !== named) continue;
      const take = (tokens: readonly Token[], from: number): FoundText | undefined => {
        const taken: Token[] = [];
        let end = from;
        for (const token of tokens) {
          if (token.kind === "name" || (taken.length > 0 && token.box.x0 - end > 0.9 * letterHeight)) break;
          taken.push(token);
          end = token.box.x1;
        }
        const text = taken
          .map(({ text }) => text)
          .join("")
          .replaceAll(/[^A-Za-z0-9/.-]/g, "")
          .toUpperCase();
        if (!looks.test(text)) return undefined;
        return { text, box: around(taken.map(({ box }) => box)), confidence: Math.min(...taken.map(({ confidence }) => confidence)) };
      };
      const right = take(row.slice(k + 1), name.box.x1);
      if (right !== undefined) return right;
      for (const below of rows.slice(r + 1, r + 4)) {
        const under = below.filter(
          ({ box }) =>
            box.x1 > name.box.x0 - letterHeight &&
            box.x0 < name.box.x1 + 4 * letterHeight &&
            middleOf(box) - middleOf(name.box) < BELOW.heights * letterHeight,
        );
        const found = under.length === 0 ? undefined : take(under, present(under[0]).box.x0);
        if (found !== undefined) return found;
      }
    }
  return undefined;
}

/** Names and figures of a plate put together, each figure beside the name it stands nearest to. */
export function lookAt(words: readonly ReadWord[], kind: PlateKind): Look {
  const { rows, letterHeight } = tokensOf(words, kind);
  const taken = new Set<Token>();
  const figures = new Map<PlateFigure, Found>();
  for (const { figure, exact, number, meanings } of candidatesOf(rows, letterHeight, kind).toSorted((a, b) => a.cost - b.cost)) {
    if (taken.has(number) || figures.has(figure)) continue;
    taken.add(number);
    figures.set(figure, {
      figure,
      meanings,
      text: `${number.text}`,
      box: number.box,
      confidence: number.confidence,
      named: exact,
    });
  }
  const refrigerant = kind === "unit" ? refrigerantIn(rows) : null;
  const model = kind === "capacitor" ? undefined : textBeside(rows, letterHeight, "model", /^(?=.*\d)[A-Z0-9/.-]{3,}$/);
  const serial = kind === "capacitor" ? undefined : textBeside(rows, letterHeight, "serial", /^(?=.*\d{3})[A-Z0-9/-]{5,}$/);
  return {
    figures: [...figures.values()],
    texts: {
      ...(model !== undefined && { model }),
      ...(serial !== undefined && { serial }),
      ...(refrigerant !== null && {
        refrigerant: { text: refrigerant.name, box: refrigerant.token.box, confidence: refrigerant.token.confidence },
      }),
    },
  };
}
