import type { Rig } from "@amp-saver/records";
import { TEXT_MOST } from "@amp-saver/records";
import { editCommit, type Fields } from "../../store/commands.ts";
import { useStore } from "../../store/provider.tsx";
import { Choice } from "../../ui/choice.tsx";
import { SectionHeading } from "../../ui/layout/section-heading.tsx";
import { TextField } from "../../ui/text-field.tsx";
import { SURVEY } from "../../words/survey.ts";
import { FigureInput } from "../figure-input.tsx";
import { NameField } from "../name-field.tsx";

/** The rig: its name, and the hottest day and highest stop it is planned for. */
export function RigForm({ rig }: { readonly rig: Rig }) {
  const { commit } = useStore();
  const save = (change: Fields<Rig>, field: string): void => void commit(editCommit(rig, change, field));
  return (
    <section className="mt-6">
      <SectionHeading>{SURVEY.rig}</SectionHeading>
      <NameField label={SURVEY.rigName} kept={rig.name} onName={(name) => save({ name }, "name")} />
      <TextField
        label={SURVEY.note}
        kept={rig.note}
        most={TEXT_MOST.rigNote}
        onText={(text) => {
          save({ note: text }, "note");
          return null;
        }}
      />
      <TextField
        label={SURVEY.customer}
        kept={rig.customer ?? ""}
        most={TEXT_MOST.person}
        onText={(text) => {
          save({ customer: text.trim() === "" ? undefined : text.trim() }, "customer");
          return null;
        }}
      />
      <Choice
        label={SURVEY.place}
        value={rig.place}
        options={[
          { value: "rv", word: SURVEY.places.rv },
          { value: "house", word: SURVEY.places.house },
        ]}
        onChange={(place) => save({ place }, "place")}
      />
      {(["hottestC", "altitudeM"] as const).map((name) => (
        <FigureInput
          key={name}
          name={name}
          figure={rig[name]}
          usual="guessed"
          optional={false}
          onChange={(next) => next !== undefined && save({ [name]: next }, name)}
        />
      ))}
    </section>
  );
}
