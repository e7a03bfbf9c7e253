import type { PlanStudy } from "@amp-saver/cases";
import type { RigBundle } from "../../store/bundle.ts";
import { editCommit } from "../../store/commands.ts";
import { useStore } from "../../store/provider.tsx";
import { TickBox } from "../../ui/tick.tsx";
import { VerdictGlyph } from "../../ui/verdict-glyph.tsx";
import { TOGETHER } from "../../words/together.ts";

interface MatrixProps {
  readonly bundle: RigBundle;
  readonly sources: readonly { readonly id: string; readonly name: string }[];
  readonly studies: readonly (PlanStudy | null)[];
  /** Ids that cannot be on a source at all, source by source. */
  readonly impossible: readonly (readonly string[])[];
  readonly unitsOff: ReadonlySet<string>;
  readonly onUnit: (id: string, on: boolean) => void;
}

/** Every unit and load against every source: planned on or off, and whether it fits beside the units. */
export function Matrix({ bundle: { units, loads }, sources, studies, impossible, unitsOff, onUnit }: MatrixProps) {
  const { commit } = useStore();
  const cell = (id: string, at: number): React.ReactNode => {
    const study = studies[at];
    if (impossible[at]?.includes(id)) return TOGETHER.cannot;
    if (study == null) return "–";
    const start = study.starts.find((s) => s.id === id);
    if (units.some((u) => u.id === id)) {
      const shed = study.budget.shed.includes(id);
      return shed || start !== undefined ? (
        <VerdictGlyph fit={shed ? "too-much" : (start?.assessment?.fit ?? "not-known")} width={30} />
      ) : (
        "–"
      );
    }
    const beside = study.beside.find((b) => b.id === id);
    return beside === undefined ? "–" : <VerdictGlyph fit={beside.fit} width={30} />;
  };
  return (
    <section className="mt-4 overflow-x-auto print:hidden">
      <h2 className="font-bold">{TOGETHER.matrix}</h2>
      <p className="text-small text-ink2">{TOGETHER.matrixHelp}</p>
      <table className="mt-1 w-full text-body">
        <thead>
          <tr className="border-b-[1.5px] border-ink text-left align-bottom">
            <th scope="col" className="py-1 pr-3 font-semibold">
              {TOGETHER.planned}
            </th>
            {sources.map((s) => (
              <th key={s.id} scope="col" className="px-2 py-1 text-center text-small leading-tight font-semibold">
                {s.name}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {units.map((unit) => (
            <Row key={unit.id} name={unit.name} on={!unitsOff.has(unit.id)} onOn={(on) => onUnit(unit.id, on)}>
              {sources.map((s, i) => (
                <td key={s.id} className="px-2 py-1">
                  <span className="flex justify-center">{cell(unit.id, i)}</span>
                </td>
              ))}
            </Row>
          ))}
          {loads.map((load) => (
            <Row
              key={load.id}
              name={load.onBattery ? `${load.name}, ${TOGETHER.onBattery}` : load.name}
              on={load.on}
              onOn={(on) => void commit(editCommit(load, { on }))}
            >
              {sources.map((s, i) => (
                <td key={s.id} className="px-2 py-1">
                  <span className="flex justify-center">{cell(load.id, i)}</span>
                </td>
              ))}
            </Row>
          ))}
        </tbody>
      </table>
    </section>
  );
}

function Row({
  name,
  on,
  onOn,
  children,
}: {
  readonly name: string;
  readonly on: boolean;
  readonly onOn: (on: boolean) => void;
  readonly children: React.ReactNode;
}) {
  return (
    <tr className="border-b border-hair">
      <th scope="row" className="py-1 pr-3 text-left font-normal">
        <span className="flex items-center gap-2.5">
          <TickBox aria-label={name} ticked={on} onChange={onOn} />
          {name}
        </span>
      </th>
      {children}
    </tr>
  );
}
