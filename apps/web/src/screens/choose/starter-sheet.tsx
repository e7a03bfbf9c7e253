import { FAMILIES } from "@amp-saver/core/network";
import { LEAD_ENDS, type Lead, type Starter, TEXT_MOST } from "@amp-saver/records";
import type { Changing } from "../../store/commands.ts";
import { useSettings } from "../../store/settings.tsx";
import { Button } from "../../ui/button.tsx";
import { Fold } from "../../ui/fold.tsx";
import { NumberField } from "../../ui/number-field.tsx";
import { Pick } from "../../ui/pick.tsx";
import { TextField } from "../../ui/text-field.tsx";
import { Tick } from "../../ui/tick.tsx";
import { SHEET_WORDS } from "../../words/starter-sheet.ts";
import { wireSize } from "../../words/wire-size.ts";
import { PLAN } from "../../words/wiring-plan.ts";
import { USUAL_RULE } from "../learn/learn.view.ts";
import { leadsOf } from "../prepare/wiring.view.ts";
import { RuleFields } from "../rule-fields.tsx";

interface StarterSheetProps {
  readonly starter: Starter;
  readonly save: (change: Changing<Starter>, field: string) => void;
}

const GAUGES = ["18", "16", "14", "12", "10"] as const;
const NEW_LEAD: Lead = { color: SHEET_WORDS.unread, awg: 16, end: "bare" };
const MOST_S = 3600;

/** What the maker's sheet says of leads, delay, learning, lamp and mounting. */
export function StarterSheet({ starter, save }: StarterSheetProps) {
  const { family, leads = {}, lamps = [] } = starter;
  const { measure } = useSettings();
  const set = (name: keyof typeof leads, change: Partial<Lead>): void =>
    save((kept) => ({ leads: { ...kept.leads, [name]: { ...(kept.leads?.[name] ?? NEW_LEAD), ...change } } }), `lead ${name}`);
  const lamp = (at: number, change: Partial<(typeof lamps)[number]>): void =>
    save((kept) => ({ lamps: kept.lamps?.map((l, k) => (k === at ? { ...l, ...change } : l)) }), `lamp ${at}`);
  const prose = (field: "learning" | "mounting") => (
    <TextField
      label={SHEET_WORDS[field]}
      kept={starter[field] ?? ""}
      most={TEXT_MOST.prose}
      onText={(text) => {
        save({ [field]: text === "" ? undefined : text }, field);
        return null;
      }}
    />
  );
  return (
    <Fold label={SHEET_WORDS.open}>
      <Pick
        label={PLAN.family}
        value={family ?? ""}
        options={[{ value: "" as const, word: SHEET_WORDS.unread }, ...FAMILIES.map((value) => ({ value, word: PLAN.families[value] }))]}
        onChange={(value) => save({ family: value === "" ? undefined : value }, "family")}
      />
      {family !== undefined &&
        leadsOf(family).map((lead) => {
          const name = lead as keyof typeof leads;
          const kept = leads[name];
          return (
            <fieldset key={lead} className="mt-1 border-l-[3px] border-ink pl-2">
              <legend className="font-semibold">{lead}</legend>
              <TextField
                label={SHEET_WORDS.color(lead)}
                kept={kept?.color ?? ""}
                onText={(text) => {
                  const color = text.trim();
                  if (color === "" || color.length > TEXT_MOST.color) return SHEET_WORDS.colorMissing(lead);
                  set(name, { color });
                  return null;
                }}
              />
              <Pick
                label={SHEET_WORDS.gauge(lead)}
                value={String(kept?.awg ?? NEW_LEAD.awg)}
                options={[...new Set([...GAUGES, String(kept?.awg ?? NEW_LEAD.awg)])].map((value) => ({
                  value,
                  word: wireSize(Number(value), measure),
                }))}
                onChange={(awg) => set(name, { awg: Number(awg) })}
              />
              <Pick
                label={SHEET_WORDS.comes(lead)}
                value={kept?.end ?? NEW_LEAD.end}
                options={LEAD_ENDS.map((value) => ({ value, word: SHEET_WORDS.ends[value] }))}
                onChange={(end) => set(name, { end })}
              />
            </fieldset>
          );
        })}
      <NumberField
        label={SHEET_WORDS.delay}
        kept={starter.delayS ?? null}
        min={0}
        max={MOST_S}
        optional
        wrong={SHEET_WORDS.badDelay(MOST_S)}
        onNumber={(delayS) => save({ delayS }, "delayS")}
      />
      {prose("learning")}
      <Tick
        label={SHEET_WORDS.learningRule}
        ticked={starter.learningRule !== undefined}
        onChange={(yes) => save({ learningRule: yes ? USUAL_RULE : undefined }, "learningRule")}
      />
      {starter.learningRule !== undefined && (
        <RuleFields
          rule={starter.learningRule}
          onChange={(become) => save((kept) => ({ learningRule: become(kept.learningRule ?? USUAL_RULE) }), "learningRule")}
        />
      )}
      {prose("mounting")}
      <h4 className="mt-2 font-semibold">{SHEET_WORDS.lamps}</h4>
      {lamps.map(({ shows, means }, at) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: a lamp has no other name than its place
        <div key={at} className="border-l-[3px] border-ink pl-2">
          {(["shows", "means"] as const).map((field) => (
            <TextField
              key={field}
              label={SHEET_WORDS[field](at + 1)}
              kept={field === "shows" ? shows : means}
              onText={(text) => {
                const most = field === "shows" ? TEXT_MOST.lampShows : TEXT_MOST.lampMeans;
                if (text.trim() === "" || text.length > most) return SHEET_WORDS.lampText(SHEET_WORDS[field](at + 1), most);
                lamp(at, { [field]: text });
                return null;
              }}
            />
          ))}
          <Button look="quiet" onClick={() => save((kept) => ({ lamps: kept.lamps?.filter((_, k) => k !== at) }), "lamps")}>
            {SHEET_WORDS.removeLamp(at + 1)}
          </Button>
        </div>
      ))}
      {lamps.length < 30 && (
        <Button
          look="quiet"
          onClick={() =>
            save((kept) => ({ lamps: [...(kept.lamps ?? []), { shows: SHEET_WORDS.newLamp, means: SHEET_WORDS.unread }] }), "lamps")
          }
        >
          {SHEET_WORDS.addLamp}
        </Button>
      )}
    </Fold>
  );
}
